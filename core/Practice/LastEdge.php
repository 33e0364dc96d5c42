<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** How the near edge is kept once nothing holds it any more. */
enum LastEdge: string implements Worded
{
    case Pinned = 'pinned';
    case ByBlock = 'by-block';
    case OnRoller = 'on-roller';

    public function words(): string
    {
        return match ($this) {
            self::Pinned => 'pinned, basted from the middle',
            self::ByBlock => 'a block at a time',
            self::OnRoller => 'kept on the top roller',
        };
    }
}
