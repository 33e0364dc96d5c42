<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Frames\Taught\Teaching;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Shelf\Recipes\ThreadBooking;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Sizing\Contraction;

/** Takes a quilt off its frame: what was seen and measured is kept, and what its load taught is learnt. */
final readonly class TakingOff
{
    public function __construct(
        private RunRepository $runs,
        private Riders $riders,
        private Preparations $preparations,
        private Teaching $teaching,
        private Sightings $sightings,
        private ThreadBooking $thread,
        private ClockInterface $clock,
    ) {}

    /**
     * Why a finished size cannot be, by its field; null where it can.
     *
     * @return array{string, Length}|null the field and what the top measured
     */
    public function fault(Quilt $quilt, OffSheet $off): ?array
    {
        foreach ($this->size($quilt) as $field => $top) {
            $finished = 'finishedWidth' === $field ? $off->finishedWidth : $off->finishedLength;
            if (null !== $finished && !Contraction::canBe($top, $finished)) {
                return [$field, $top];
            }
        }

        return null;
    }

    public function take(Run $run, RunView $view, OffSheet $off, string $person): void
    {
        $quilt = $run->quilt;
        $size = $this->size($quilt);
        if ([] !== $size) {
            $off->compare($size['finishedWidth'], $size['finishedLength']);
        }
        $off->quiltedBy($view->loft(), $view->density());
        $run->end($off, $this->clock->now());
        $quilt->finish($this->clock->now());
        $this->riders->end($quilt, $off, $this->clock->now());
        $this->runs->save();
        $this->teaching->learn($view);
        $this->sightings->note($run, $view, $off, $person);
        if (!$view->setup->is(Purpose::Basting)) {
            $this->thread->book($quilt, $view->setup->thread->thread);
        }
    }

    /**
     * Of a load of several the plan knows the row; a top of it is measured by itself.
     *
     * @return array{finishedWidth: Length, finishedLength: Length}|array{}
     */
    private function size(Quilt $quilt): array
    {
        $top = $this->preparations->of($quilt, UnitSystem::Inches)->top();

        return null === $top
            ? []
            : ['finishedWidth' => $top->width->length(), 'finishedLength' => $top->length->length()];
    }
}
