<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

/** The points of a round, and what they are for. */
final readonly class Mark
{
    /** @param array<string, int> $points what they are given for, and how many; they sum to at most a hundred */
    public function __construct(public array $points) {}

    public function total(): int
    {
        return array_sum($this->points);
    }
}
