<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worded;

/** What holds the sides of a backing, by how much cloth it bites. */
enum ClampWidth: string implements Worded
{
    case Wide = 'wide';
    case Narrow = 'narrow';
    case Rod = 'rod';
    case None = 'none';

    /** How much of the side one clamp holds, an everyday size. */
    public function bite(): Length
    {
        return Length::inches(
            match ($this) {
                self::Wide => 6,
                self::Narrow => 2,
                // The whole side of a usual bed.
                self::Rod => 24,
                self::None => 0,
            },
        );
    }

    public function words(): string
    {
        return match ($this) {
            self::Wide => 'wide clamps',
            self::Narrow => 'narrow clamps',
            self::Rod => 'a rod along the side',
            self::None => 'nothing',
        };
    }
}
