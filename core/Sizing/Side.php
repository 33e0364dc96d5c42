<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Point;
use Schwung\Core\Measure\Quadrilateral;

/**
 * One side of a backing as a half-plane: the inside is where normal · x ≥ offset (millimetres).
 *
 * @internal
 */
final readonly class Side
{
    private function __construct(public Point $from, public Point $to, public Point $normal, public float $offset) {}

    /** @return list<self> top, right, bottom, left */
    public static function around(Quadrilateral $outline): array
    {
        $corners = $outline->corners();
        $sides = [];
        foreach ($corners as $i => $from) {
            $to = $corners[($i + 1) % 4];
            $along = $to->minus($from);
            $normal = new Point(-$along->y / $along->norm(), $along->x / $along->norm());
            $sides[] = new self($from, $to, $normal, $normal->dot($from));
        }

        return $sides;
    }

    /** The angle in radians by which this side is off the nearest upright or level direction. */
    public function turn(): float
    {
        $along = $this->to->minus($this->from);
        $angle = atan2($along->y, $along->x);

        return $angle - (round($angle / (\M_PI / 2)) * \M_PI) / 2;
    }
}
