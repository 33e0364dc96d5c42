<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Measure\Length;

/** How much cloth the side clamps bite. */
enum ClampWidth: string
{
    case Wide = 'wide';
    case Narrow = 'narrow';

    /** How much of the side one clamp holds, an everyday size. */
    public function bite(): Length
    {
        return Length::inches(self::Wide === $this ? 6 : 2);
    }
}
