<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** How thick a needle is, in hundredths of a millimetre. */
enum NeedleSize: string implements Worded
{
    case N80 = '80';
    case N90 = '90';
    case N100 = '100';
    case N110 = '110';

    public function isThick(): bool
    {
        return self::N100 === $this || self::N110 === $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::N80 => '80 (12)',
            self::N90 => '90 (14)',
            self::N100 => '100 (16)',
            self::N110 => '110 (18)',
        };
    }
}
