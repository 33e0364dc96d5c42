<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

/**
 * The largest empty circle between the lines of a design as it is laid: how far apart its lines of quilting are at
 * their farthest (rule 27). Looked for on a grid over one repeat of a row between its neighbours, then nearer and
 * nearer; exact to about a hundredth of the row.
 */
final readonly class GapRule
{
    private const SAMPLES = 16;
    private const PIECES = 120;
    private const ROOMS = 16;
    private const NARROWER = 7;

    /** @return Length the circle's diameter */
    public function largest(LaidDesign $laid): Length
    {
        $repeat = $laid->repeat();
        $pitch =
            $laid->rows->count > 1
                ? $laid->rows->start(1)->minus($laid->rows->start(0))->toMillimetres()
                : $laid->rows->heightOf(0)->toMillimetres();
        $rooms = $this->rooms($laid, $repeat, $pitch);
        $away = fn(float $x, float $y): float => $this->nearest($rooms, $x, $y, $repeat, $pitch);
        [$best, $at] = [0.0, [0.0, 0.0]];
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            for ($k = 0; $k < self::SAMPLES; ++$k) {
                $place = [($repeat * $i) / self::SAMPLES, ($pitch * $k) / self::SAMPLES];
                $found = $away(...$place);
                [$best, $at] = $found > $best ? [$found, $place] : [$best, $at];
            }
        }
        $step = max($repeat, $pitch) / self::SAMPLES;
        for ($n = 0; $n < self::NARROWER; ++$n, $step /= 2) {
            foreach ([[-1, 0], [1, 0], [0, -1], [0, 1], [-1, -1], [1, 1], [-1, 1], [1, -1]] as [$dx, $dy]) {
                $place = [$at[0] + $dx * $step, max(0.0, min($pitch, $at[1] + $dy * $step))];
                $found = $away(...$place);
                [$best, $at] = $found > $best ? [$found, $place] : [$best, $at];
            }
        }

        return Length::millimetres(2 * $best);
    }

    /**
     * Points along all lines, sorted into rooms; of this row, and of the one before and after it where there are any.
     *
     * @return array{float, array<int, array<int, list<array{float, float}>>>} size of a room, and the points by room
     */
    private function rooms(LaidDesign $laid, float $repeat, float $pitch): array
    {
        $size = max($repeat, $pitch) / self::ROOMS;
        $spacing = max($repeat, $pitch) / self::PIECES;
        $neighbours = $laid->rows->count > 1 ? [-1, 0, 1] : [0];
        $rooms = [];
        foreach ($laid->path->lines as $line) {
            foreach ($this->spread($line, $laid->scale, $spacing) as [$x, $y]) {
                $x -= $repeat * floor($x / $repeat);
                foreach ($neighbours as $row) {
                    $rooms[(int) floor($x / $size)][(int) floor(($y + $row * $pitch) / $size)][] = [
                        $x,
                        $y + $row * $pitch,
                    ];
                }
            }
        }

        return [$size, $rooms];
    }

    /**
     * @param non-empty-list<Point> $line
     *
     * @return iterable<array{float, float}> so close that no gap is missed
     */
    private function spread(array $line, float $scale, float $spacing): iterable
    {
        foreach ($line as $i => $point) {
            [$x, $y] = [$point->x * $scale, $point->y * $scale];
            $next = $line[$i + 1] ?? $point;
            [$dx, $dy] = [$next->x * $scale - $x, $next->y * $scale - $y];
            $pieces = max(1, (int) ceil(hypot($dx, $dy) / $spacing));
            for ($k = 0; $k < $pieces; ++$k) {
                yield [$x + ($dx * $k) / $pieces, $y + ($dy * $k) / $pieces];
            }
        }
    }

    /** @param array{float, array<int, array<int, list<array{float, float}>>>} $rooms */
    private function nearest(array $rooms, float $x, float $y, float $repeat, float $pitch): float
    {
        [$size, $points] = $rooms;
        $x -= $repeat * floor($x / $repeat);
        $across = (int) ceil($repeat / $size);
        [$here, $down, $best] = [(int) floor($x / $size), (int) floor($y / $size), \INF];
        for ($ring = 0; $ring <= 2 * self::ROOMS && ($ring - 1) * $size < $best; ++$ring) {
            for ($i = -$ring; $i <= $ring; ++$i) {
                $room = $here + $i;
                $turns = (int) floor($room / $across);
                for ($k = -$ring; $k <= $ring; $k += abs($i) === $ring ? 1 : max(1, 2 * $ring)) {
                    foreach ($points[$room - $turns * $across][$down + $k] ?? [] as [$px, $py]) {
                        $best = min($best, hypot($px + $turns * $repeat - $x, $py - $y));
                    }
                }
            }
        }

        return min($best, hypot($repeat, $pitch));
    }
}
