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

    /**
     * Least weighted lateness, then fewest late, then the earliest finish of all; negative where this is the better.
     */
    public function compareTo(self $that): int
    {
        return [round($this->weightedLateness(), 6), $this->lateJobs(), $this->finish()] <=> [
            round($that->weightedLateness(), 6),
            $that->lateJobs(),
            $that->finish(),
        ];
    }

    public function find(string $id): ?Placed
    {
        foreach ($this->placed as $placed) {
            if ($id === $placed->job->id) {
                return $placed;
            }
        }

        return null;
    }

    /** @return list<Placed> of one frame, in their order there */
    public function on(string $frame): array
    {
        return array_values(array_filter($this->placed, static fn(Placed $placed): bool => $frame === $placed->frame));
    }

    /**
     * @param list<string> $frames
     *
     * @return array<array-key, list<QueueJob>> by frame, in order
     */
    public function orders(array $frames): array
    {
        $orders = array_fill_keys($frames, []);
        foreach ($this->placed as $placed) {
            $orders[$placed->frame][] = $placed->job;
        }

        return $orders;
    }

    /** @return array<array-key, int> calendar days by id */
    public function daysLateById(): array
    {
        $days = [];
        foreach ($this->placed as $placed) {
            $days[$placed->job->id] = $placed->daysLate();
        }

        return $days;
    }
}
