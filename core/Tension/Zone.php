<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** Where across the bed: thirds of the quilt. */
enum Zone: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';

    /** @param float $x from the quilt's middle, right positive, in the units of $across */
    public static function at(float $x, float $across): self
    {
        return match (true) {
            $x < -$across / 6 => self::Left,
            $x > $across / 6 => self::Right,
            default => self::Centre,
        };
    }
}
