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
use Schwung\Core\Shelf\Hanging;

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
            $run = $this->begin($quilt, $this->clock->now(), $subject);
            $this->riders->begin($run, $subject);

            return $run;
        });
    }

    /** A run of what may go on, with the pieces that it hangs by. */
    public function begin(Quilt $quilt, \DateTimeImmutable $from, Subject $subject): Run
    {
        $run = new Run($quilt, $from, $subject);
        $run->hangBy($this->hanging($quilt, $subject));
        $this->entities->persist($run);

        return $run;
    }

    /** @return list<Hanging> pieces that hold it, which nobody else has meanwhile */
    private function hanging(Quilt $quilt, Subject $subject): array
    {
        $preparation = $this->preparations->ofSubject($quilt, $subject, $this->units->system());
        $hanging = [];
        foreach ($preparation->holding()?->ends->byEdge() ?? [] as $held) {
            if (null !== $held && null !== $subject->frame) {
                $hanging[] = Hanging::of($held, $subject->frame->stock, $quilt->title());
            }
        }

        return $hanging;
    }

    /**
     * What a run of the quilt as it stands now would be frozen as, hung where it hangs now; null where it may not go
     * on.
     */
    public function subject(Quilt $quilt): ?Subject
    {
        $subject = $this->preparations->subject($quilt);
        $preparation = $this->preparations->ofSubject($quilt, $subject, $this->units->system());
        $holding = $preparation->holding();
        if (null === $holding || !$preparation->mayStart()) {
            return null;
        }
        $sheet = $subject->sheet->with('desk/position', PlaceRule::side($holding->place)->value);

        return new Subject($subject->title, $sheet, $subject->frame, $subject->practice);
    }
}
