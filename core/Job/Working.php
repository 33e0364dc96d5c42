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

    /** Turning round comes before leaving the borders to the end. */
    public static function of(bool $isTurned, bool $bordersLast): self
    {
        return match (true) {
            $isTurned => self::TurnedRound,
            $bordersLast => self::BordersLast,
            default => self::Plain,
        };
    }
}
