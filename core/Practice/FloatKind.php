<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** How much of the top hangs free: all of it, its lead end basted and its tail held, or both ends attached. */
enum FloatKind: string implements Worded
{
    case Full = 'full';
    case Part = 'part';
    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::Full => 'floats',
            self::Part => 'part float',
            self::None => 'both ends held',
        };
    }
}
