<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** The order of the work at the frame. */
enum Group: string
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
}
