<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

/** How hard an exercise is. */
enum Level: int
{
    case One = 1;
    case Two = 2;
    case Three = 3;

    /** So many rounds of at least these points open the next level. */
    public const ROUNDS = 3;
    public const POINTS = 70;

    public function words(): string
    {
        return match ($this) {
            self::One => 'One fault that shows plainly',
            self::Two => 'One fault of all kinds',
            self::Three => 'Two faults at once',
        };
    }

    public function faults(): int
    {
        return self::Three === $this ? 2 : 1;
    }

    /** How many causes are offered to choose from. */
    public function offered(): int
    {
        return match ($this) {
            self::One => 5,
            self::Two => 8,
            self::Three => 10,
        };
    }
}
