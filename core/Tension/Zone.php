<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** Where across the bed: thirds of the quilt. */
enum Zone: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';

    /** Within ten inches of the centre mark is the centre of a rail, whatever hangs there. */
    private const RAIL_CENTRE_MM = 254.0;

    /** @param float $x from the rail's centre mark, right positive, in millimetres */
    public static function onRail(float $x): self
    {
        return self::at($x, 6 * self::RAIL_CENTRE_MM);
    }

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
