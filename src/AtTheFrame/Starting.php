<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\CurrentUnits;
use App\Quilt\Attaching\Loading;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Subject;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Preparation\PlaceRule;

/** Begins a run: the quilt is on its frame from here on, and its plan is frozen. */
final readonly class Starting
{
    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RunRepository $runs,
        private Preparations $preparations,
        private Loading $loading,
        private CurrentUnits $units,
        private ClockInterface $clock,
        private Riders $riders,
    ) {}

    /** The run that is going on already, or a new one; null where there is nothing to load, or something is stuck. */
    public function start(Quilt $quilt): ?Run
    {
        return $this->entities->wrapInTransaction(function () use ($quilt): ?Run {
            // A double click begins one run.
            $this->quilts->lock($quilt);
            if (null !== $quilt->carrier() && !$quilt->isLoaded()) {
                // It goes on with the others.
                return null;
            }
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
            $this->riders->begin($run, $subject);

            return $run;
        });
    }

    /**
     * What a run of the quilt as it stands now would be frozen as, hung where it hangs now; null where it may not go
     * on.
     */
    public function subject(Quilt $quilt): ?Subject
    {
        $subject = Subject::of($quilt);
        $preparation = $this->preparations->ofSubject($quilt, $subject, $this->units->system());
        $holding = $preparation->holding();
        if (null === $holding || !$preparation->mayStart()) {
            return null;
        }
        $sheet = $subject->sheet->with('desk/position', PlaceRule::side($holding->place)->value);

        return new Subject($subject->title, $sheet, $subject->frame, $subject->practice);
    }
}
