<?php

declare(strict_types=1);

namespace App\Tension\Trainer;

use Schwung\Core\Tension\Trainer\Level;

/** How far a person has come at one level. */
final readonly class Progress
{
    /**
     * @param list<TrainingRound> $rounds the last first
     * @param bool                $isOpen whether enough was reached at the level before
     */
    public function __construct(public Level $level, public array $rounds, public bool $isOpen) {}

    /** Rounds that count for the next level. */
    public function good(): int
    {
        return \count(
            array_filter($this->rounds, static fn(TrainingRound $round): bool => $round->points >= Level::POINTS),
        );
    }

    /** Null before the first round. */
    public function mean(): ?int
    {
        $points = array_map(static fn(TrainingRound $round): int => $round->points, $this->rounds);

        return [] === $points ? null : (int) round(array_sum($points) / \count($points));
    }

    public function opensNext(): bool
    {
        return $this->good() >= Level::ROUNDS;
    }
}
