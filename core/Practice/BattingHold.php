<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/**
 * How the batting is kept in its place: a line basted across, which is the reference for all that follows; pins; or
 * basting all over.
 */
enum BattingHold: string implements School
{
    case Line = 'line';
    case Pinned = 'pinned';
    case AllOver = 'all-over';

    public function words(): string
    {
        return match ($this) {
            self::Line => 'a line basted across',
            self::Pinned => 'laid and pinned',
            self::AllOver => 'basted all over',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Line => 'one straight line is there that everything else is laid by',
            self::Pinned => 'nothing has to be picked afterwards',
            self::AllOver => 'on a smooth or stretchy backing the batting slides',
        };
    }
}
