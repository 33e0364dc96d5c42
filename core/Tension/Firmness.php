<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How firm a layer feels to the hand, in five steps. */
enum Firmness: int
{
    case Hangs = 1;
    case Soft = 2;
    case FirmWithGive = 3;
    case Tight = 4;
    case Rings = 5;

    public function words(): string
    {
        return match ($this) {
            self::Hangs => 'hangs',
            self::Soft => 'soft',
            self::FirmWithGive => 'firm with give',
            self::Tight => 'tight',
            self::Rings => 'rings',
        };
    }
}
