<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** Both layers as they feel at the left, in the centre and at the right. */
final readonly class FirmnessReading
{
    /**
     * @param array{Firmness, Firmness, Firmness} $backing left, centre, right
     * @param array{Firmness, Firmness, Firmness} $top     the same
     */
    public function __construct(public array $backing, public array $top) {}

    /** Backing less top, on the average: above zero the backing is the firmer. */
    public function balance(): float
    {
        return (self::sum($this->backing) - self::sum($this->top)) / 3;
    }

    /** The greater difference between the two sides of a layer. */
    public function sideToSide(): int
    {
        return max(
            abs($this->backing[0]->value - $this->backing[2]->value),
            abs($this->top[0]->value - $this->top[2]->value),
        );
    }

    /** How it stands in the frame's state: by the slackest place of both layers. */
    public function inTheStrip(): string
    {
        return match (
            min(array_map(static fn(Firmness $step): int => $step->value, [...$this->backing, ...$this->top]))
        ) {
            Firmness::Hangs->value => 'loose',
            Firmness::Soft->value => 'softer',
            default => 'firm',
        };
    }

    public function has(Firmness $firmness): bool
    {
        return \in_array($firmness, [...$this->backing, ...$this->top], true);
    }

    /** @param array{Firmness, Firmness, Firmness} $layer */
    public static function mean(array $layer): float
    {
        return self::sum($layer) / 3;
    }

    /** @param array{Firmness, Firmness, Firmness} $layer */
    private static function sum(array $layer): int
    {
        return $layer[0]->value + $layer[1]->value + $layer[2]->value;
    }
}
