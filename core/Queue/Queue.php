<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** Everything that decides which quilt goes on which frame when. */
final readonly class Queue
{
    /**
     * @param list<string>       $frames
     * @param list<QueueJob>     $jobs
     * @param list<Running>      $running at most one on a frame
     * @param array<string, int> $setup   minutes that a change costs, by what is changed
     * @param int                $now     minute of the wall clock from which it is planned
     */
    public function __construct(
        public WorkingTime $time,
        public array $frames,
        public array $jobs,
        public array $running = [],
        public array $setup = [],
        public int $now = 0,
    ) {}

    public function runningOn(string $frame): ?Running
    {
        foreach ($this->running as $running) {
            if ($frame === $running->frame) {
                return $running;
            }
        }

        return null;
    }

    /**
     * Minutes of changing from what was on the frame before.
     *
     * @param array<string, string>|null $before null where nothing was, or nobody knows
     * @param array<string, string>      $after
     */
    public function change(?array $before, array $after): int
    {
        $minutes = 0;
        foreach (null === $before ? [] : $this->setup as $what => $costs) {
            $minutes += ($before[$what] ?? '') === ($after[$what] ?? '') ? 0 : $costs;
        }

        return $minutes;
    }

    /** The same with one of its quilts as given. */
    public function replacing(QueueJob $other): self
    {
        return new self(
            $this->time,
            $this->frames,
            array_map(static fn(QueueJob $job): QueueJob => $job->id === $other->id ? $other : $job, $this->jobs),
            $this->running,
            $this->setup,
            $this->now,
        );
    }

    /** The same in other hours. */
    public function during(WorkingTime $time): self
    {
        return new self($time, $this->frames, $this->jobs, $this->running, $this->setup, $this->now);
    }
}
