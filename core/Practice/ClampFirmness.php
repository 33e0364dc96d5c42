<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How hard the side clamps pull. */
enum ClampFirmness: string implements School
{
    case Straight = 'straight';
    case Firm = 'firm';

    public function words(): string
    {
        return match ($this) {
            self::Straight => 'just straight',
            self::Firm => 'firm, the same on every layer',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Straight => 'they keep the backing from folding under, and no more',
            self::Firm => 'a bed that is firm all round does not pull in',
        };
    }
}
