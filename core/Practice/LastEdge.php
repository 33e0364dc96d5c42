<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How the near edge is kept once nothing holds it any more. */
enum LastEdge: string implements School
{
    case Pinned = 'pinned';
    case ByBlock = 'by-block';
    case OnRoller = 'on-roller';
    case Walked = 'walked';

    public function words(): string
    {
        return match ($this) {
            self::Pinned => 'pinned, basted from the middle',
            self::ByBlock => 'a block at a time',
            self::OnRoller => 'kept on the top roller',
            self::Walked => 'walked off the top roller',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Pinned => 'it lies where it belongs before the first stitch comes near',
            self::ByBlock => 'each block keeps its own place, and no long line is basted',
            self::OnRoller => 'the roller holds it straight to the end',
            self::Walked => 'it is let down a hand at a time, and never hangs by pins alone',
        };
    }
}
