<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Worded;

/** The way along the rails in which a machine stitches better, if it has one. */
enum BetterWay: string implements Worded
{
    case Both = 'both';
    case ToTheRight = 'to-the-right';
    case ToTheLeft = 'to-the-left';

    public function words(): string
    {
        return match ($this) {
            self::Both => 'both ways alike',
            self::ToTheRight => 'from left to right',
            self::ToTheLeft => 'from right to left',
        };
    }
}
