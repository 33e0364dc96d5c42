<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Plan;

/** What one quilt was like when it was brought, as far as it says something of the next one of the same client. */
final readonly class Brought
{
    /**
     * @param Length $lackedAcross how much the backing was short of what was asked beside the top's width; zero where it
     *   was enough
     * @param Length $lackedAlong  the same along the top's length
     * @param Length $lost         what squaring the backing up took away, on the side where that was more
     * @param float  $fullness     by what share the fullest edge of the top is longer than its middle; below zero where
     *   all are shorter: 0.01 is one per cent
     */
    public function __construct(
        public Length $lackedAcross,
        public Length $lackedAlong,
        public Length $lost,
        public float $fullness,
    ) {}

    public static function in(Plan $plan): self
    {
        $direction = $plan->chosen();
        $backing = $plan->chosenPlan()->backing;
        $cloth = $plan->cloth->loaded($direction);
        $missing = [$backing->missingAcross()->length(), $backing->missingAlong()->length()];
        [$across, $along] = Direction::AsIs === $direction ? $missing : array_reverse($missing);

        return new self(
            lackedAcross: $across,
            lackedAlong: $along,
            lost: Length::longest($cloth->lostAcross($backing->squaredUp), $cloth->lostAlong($backing->squaredUp)),
            fullness: max(array_map(static fn($edge): float => $edge->share(), $plan->top->edges)),
        );
    }
}
