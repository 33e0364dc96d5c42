<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** Where on the leader a quilt is to hang. */
enum PlaceWish: string implements Worded
{
    case Centre = 'centre';
    case InTurn = 'in-turn';
    case Left = 'left';
    case Right = 'right';

    public function words(): string
    {
        return match ($this) {
            self::Centre => 'always centred',
            self::InTurn => 'in turn, where it is least worn',
            self::Left => 'left of the centre',
            self::Right => 'right of the centre',
        };
    }
}
