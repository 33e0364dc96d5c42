<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** A queue with every quilt at its place. */
final readonly class Schedule
{
    /**
     * @param list<Placed> $placed     by frame, in their order there
     * @param bool         $isProved   whether none can be better
     */
    public function __construct(public array $placed, public bool $isProved) {}

    public function weightedLateness(): float
    {
        return array_sum(
            array_map(static fn(Placed $placed): float => $placed->daysLate() * $placed->job->weight, $this->placed),
        );
    }

    public function lateJobs(): int
    {
        return \count(array_filter($this->placed, static fn(Placed $placed): bool => $placed->daysLate() > 0));
    }

    public function finish(): int
    {
        return max([0, ...array_map(static fn(Placed $placed): int => $placed->end, $this->placed)]);
    }

    /** Least weighted lateness, then fewest late, then the earliest finish of all; negative where this is the better. */
    public function compareTo(self $that): int
    {
        return [round($this->weightedLateness(), 6), $this->lateJobs(), $this->finish()] <=> [
            round($that->weightedLateness(), 6),
            $that->lateJobs(),
            $that->finish(),
        ];
    }
}
