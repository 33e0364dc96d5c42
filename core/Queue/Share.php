<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** Some quilts shared out between some frames. */
final readonly class Share
{
    use KeepsBest;

    /** @param array<array-key, Label> $courses by frame */
    public function __construct(
        public float $late = 0.0,
        public int $lateJobs = 0,
        public int $end = 0,
        public array $courses = [],
    ) {}

    public function with(string $frame, Label $course): self
    {
        return new self(
            $this->late + $course->late,
            $this->lateJobs + $course->lateJobs,
            max($this->end, $course->end),
            $this->courses + [$frame => $course],
        );
    }

    public function compareTo(self $that): int
    {
        return [$this->late, $this->lateJobs, $this->end] <=> [$that->late, $that->lateJobs, $that->end];
    }

    public function beats(self $that): bool
    {
        return $this->late <= $that->late && $this->lateJobs <= $that->lateJobs && $this->end <= $that->end;
    }
}
