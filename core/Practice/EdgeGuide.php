<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** What the needle follows along the far edge: the channel lock, or the eye. */
enum EdgeGuide: string implements Worded
{
    case Lock = 'lock';
    case Eye = 'eye';

    public function words(): string
    {
        return match ($this) {
            self::Lock => 'with the channel lock',
            self::Eye => 'by eye along the edge',
        };
    }
}
