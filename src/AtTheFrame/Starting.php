<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\CurrentUnits;
use App\Quilt\Attaching\Attaching;
use App\Quilt\Attaching\Loading;
use App\Quilt\Loading\Setups;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Reviewer;
use App\Quilt\Subject;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Practice\Hand;

/** Begins a run: the quilt is on its frame from here on, and its plan is frozen. */
final readonly class Starting
{
    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RunRepository $runs,
        private Reviewer $reviewer,
        private Setups $setups,
        private Attaching $attaching,
        private Loading $loading,
        private CurrentUnits $units,
        private ClockInterface $clock,
    ) {
    }

    /** The run that is going on already, or a new one; null where there is nothing to load. */
    public function start(Quilt $quilt): ?Run
    {
        return $this->entities->wrapInTransaction(function () use ($quilt): ?Run {
            // A double click begins one run.
            $this->quilts->lock($quilt);
            $open = $this->runs->findOpen($quilt);
            if (null !== $open) {
                return $open;
            }
            $subject = $this->subject($quilt);
            if (null === $subject) {
                return null;
            }
            $this->loading->load($quilt, $this->clock->now());
            $quilt->shelve();
            $run = new Run($quilt, $this->clock->now(), $subject);
            $this->entities->persist($run);

            return $run;
        });
    }

    /** What a run of the quilt as it stands now would be frozen as, hung where it hangs now; null where it does not load. */
    public function subject(Quilt $quilt): ?Subject
    {
        $subject = Subject::of($quilt);
        $review = $this->reviewer->reviewOf($subject, $this->units->system());
        $plan = $review->shownPlan();
        if (null === $plan || null === $this->setups->of($quilt, $review, $subject->practice, $this->units->system(), Hand::Right)) {
            return null;
        }
        $position = $this->attaching->view($quilt, $plan, $subject->sheet, $this->units->system(), Hand::Right)->position;
        $word = $position->isNegative() ? 'left' : ($position->isPositive() ? 'right' : 'centre');

        return new Subject($subject->title, $subject->sheet->with('desk/position', $word), $subject->frame, $subject->stock, $subject->practice);
    }
}
