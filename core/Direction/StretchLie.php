<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Stretch;

/** How the backing's greater stretch lies once loaded; from roller to roller every advance pulls it out of shape. */
enum StretchLie: string
{
    case Ok = 'ok';
    case RollerToRoller = 'roller-to-roller';

    public static function of(Stretch $stretch, Direction $direction): self
    {
        $pulled = match ($direction) {
            Direction::AsIs => Stretch::Along,
            Direction::Turned => Stretch::Across,
        };

        return $stretch === $pulled ? self::RollerToRoller : self::Ok;
    }
}
