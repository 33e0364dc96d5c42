<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/**
 * In which way the passes of a quilt are worked: one after the other, from both ends, or the body before its borders.
 */
enum Working: string
{
    case Plain = 'plain';
    case TurnedRound = 'turned-round';
    case BordersLast = 'borders-last';
}
