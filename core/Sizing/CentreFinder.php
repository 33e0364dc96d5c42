<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Point;
use Schwung\Core\Measure\Quadrilateral;

/**
 * Finds where the centre of a turned rectangle may lie within a backing, and takes the middle of that place.
 *
 * The four sides moved in by half the rectangle are cut out of the outline one after the other (polygon clipping,
 * Sutherland and Hodgman 1974).
 */
final readonly class CentreFinder
{
    /** How far (mm) a side may be overstepped, so that a rectangle that only just fits is found. */
    private const SLIP = 0.6;

    public function centre(Quadrilateral $outline, float $width, float $length, float $turn): Point
    {
        $place = $outline->corners();
        $whole = $place;
        foreach (Side::around($outline) as $side) {
            $n = $side->normal;
            $offset =
                $side->offset -
                self::SLIP +
                ($width / 2) * abs($n->x * cos($turn) + $n->y * sin($turn)) +
                ($length / 2) * abs(-$n->x * sin($turn) + $n->y * cos($turn));
            $place = $this->clip($place, $n, $offset);
        }

        return $this->middle([] === $place ? $whole : $place);
    }

    /**
     * @param list<Point> $polygon
     *
     * @return list<Point>
     */
    private function clip(array $polygon, Point $normal, float $offset): array
    {
        $kept = [];
        foreach ($polygon as $i => $corner) {
            $next = $polygon[($i + 1) % \count($polygon)];
            [$here, $there] = [$normal->dot($corner) - $offset, $normal->dot($next) - $offset];
            if ($here >= 0) {
                $kept[] = $corner;
            }
            if ($here * $there < 0) {
                $share = $here / ($here - $there);
                $kept[] = new Point(
                    $corner->x + $share * ($next->x - $corner->x),
                    $corner->y + $share * ($next->y - $corner->y),
                );
            }
        }

        return $kept;
    }

    /** @param list<Point> $points at least one */
    private function middle(array $points): Point
    {
        \assert([] !== $points);
        $xs = array_map(static fn(Point $point): float => $point->x, $points);
        $ys = array_map(static fn(Point $point): float => $point->y, $points);

        return new Point((min($xs) + max($xs)) / 2, (min($ys) + max($ys)) / 2);
    }
}
