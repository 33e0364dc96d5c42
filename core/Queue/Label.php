<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** A course of some quilts on one frame, by what it comes to and by its last quilt. */
final readonly class Label
{
    use KeepsBest;

    /**
     * @param float     $late     weighted lateness
     * @param int       $lateJobs how many are late
     * @param int       $work     minutes of work until all of it is done
     * @param int       $end      the same on the wall clock
     * @param int       $last     the number of its last quilt; below zero where it has none
     * @param self|null $before   the course without that
     */
    public function __construct(
        public float $late,
        public int $lateJobs,
        public int $work,
        public int $end,
        public int $last = -1,
        public ?self $before = null,
    ) {}

    public function beats(self $that): bool
    {
        return $this->late <= $that->late && $this->lateJobs <= $that->lateJobs && $this->work <= $that->work;
    }

    /** @return list<int> the numbers of its quilts, the first first */
    public function order(): array
    {
        return null === $this->before ? [] : [...$this->before->order(), $this->last];
    }
}
