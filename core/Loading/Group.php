<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Worded;

/** The order of the work at the frame. */
enum Group: string implements Worded
{
    case Ready = 'ready';
    case Centres = 'centres';
    case Backing = 'backing';
    case Batting = 'batting';
    case Top = 'top';
    case Clamps = 'clamps';
    case Pass = 'pass';
    case LastEdge = 'last-edge';
    case Off = 'off';

    public function words(): string
    {
        return match ($this) {
            self::Ready => 'ready',
            self::Centres => 'centres',
            self::Backing => 'backing',
            self::Batting => 'batting',
            self::Top => 'top',
            self::Clamps => 'clamps',
            self::Pass => 'pass by pass',
            self::LastEdge => 'the last edge',
            self::Off => 'off the frame',
        };
    }
}
