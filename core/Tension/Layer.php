<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** The layers of a quilt, from below. */
enum Layer: string
{
    case Backing = 'backing';
    case Batting = 'batting';
    case Top = 'top';
}
