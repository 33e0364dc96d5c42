<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** When and where a quilt is worked; minutes of the wall clock. */
final readonly class Placed
{
    public function __construct(
        public QueueJob $job,
        public string $frame,
        public int $start,
        public int $end,
        public int $setupMinutes,
    ) {}

    /** Calendar days from the due day to the day on which the work ends; 0 if that is not later. */
    public function daysLate(): int
    {
        return null === $this->job->due ? 0 : max(0, intdiv($this->end - 1, WorkingTime::DAY) - $this->job->due);
    }
}
