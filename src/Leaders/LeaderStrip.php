<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Ruler;
use App\Drawing\Shape;
use App\Drawing\Tick;
use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Leader\StationResult;
use Schwung\Core\Leader\Wear;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/**
 * Draws a leader along its length, zero at its centre mark: how many loads hung from each part, and below it how its
 * edge was found, its crookedness enlarged.
 */
final readonly class LeaderStrip
{
    private const WIDE = 1500;
    private const HIGH = 260;
    private const WEAR_BASE = 128;
    private const EDGE_BASE = 178;
    private const PIXELS_PER_INCH = 120;

    public function __construct(private UnitSystem $units)
    {
    }

    /** @param list<PastLoad> $loads */
    public function draw(Length $width, array $loads, ?LeaderCheck $check, string $label): Picture
    {
        $half = $width->half()->toMillimetres() + 30;
        $canvas = Canvas::around(['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => self::HIGH * 2 * $half / self::WIDE], self::WIDE, self::HIGH, ['left' => 0, 'top' => 0, 'right' => 0, 'bottom' => 0]);
        $end = $width->half()->toMillimetres();

        return new Picture($canvas, $label, [
            ...array_merge(...array_map(fn (Tick $tick): array => $this->tick($tick, $canvas), (new Ruler($this->units))->ticks(-$half + 60, $half - 60))),
            ...$this->wear(Wear::of($loads), $canvas),
            Shape::line(-$end, $canvas->px(self::WEAR_BASE), $end, $canvas->px(self::WEAR_BASE), 'stop-line'),
            ...(null === $check ? [] : $this->edge($check, $canvas, $end)),
        ]);
    }

    /** @return list<Shape> */
    private function tick(Tick $tick, Canvas $canvas): array
    {
        $mark = Shape::line($tick->at, $canvas->px(28), $tick->at, $canvas->px(null === $tick->label ? 34 : 40), 'tick');

        return null === $tick->label ? [$mark] : [$mark, Shape::text($tick->at, $canvas->px(22), $tick->label, $canvas->px(18), 'text-soft-svg', 'middle')];
    }

    /** @return list<Shape> a column for every part, as high as its loads, with their number */
    private function wear(Wear $wear, Canvas $canvas): array
    {
        $shapes = [];
        foreach ($wear->steps as [$from, $to, $count]) {
            if ($count > 0) {
                $high = $canvas->px(76 * $count / max(1, $wear->peak()));
                $shapes[] = Shape::box($from->toMillimetres(), $canvas->px(self::WEAR_BASE) - $high, $to->minus($from)->toMillimetres(), $high, 'wear', 'url(#hatch)');
            }
        }
        foreach ($wear->steps as [$from, $to, $count]) {
            if ($to->minus($from)->toMillimetres() > $canvas->px(30) && $count > 0) {
                $shapes[] = Shape::text(($from->toMillimetres() + $to->toMillimetres()) / 2, $canvas->px(self::WEAR_BASE - 8), (string) $count, $canvas->px(18), 'halo strong', 'middle');
            }
        }

        return $shapes;
    }

    /** @return list<Shape> the edge as it was found against where it ought to be, and what is to cut */
    private function edge(LeaderCheck $check, Canvas $canvas, float $end): array
    {
        $points = array_map(static fn (StationResult $station): array => [
            $station->reading->at->toMillimetres(),
            $canvas->px(self::EDGE_BASE + min(60, self::PIXELS_PER_INCH * $station->cut->length()->toInches())),
        ], $check->stations);

        return [
            Shape::line(-$end, $canvas->px(self::EDGE_BASE), $end, $canvas->px(self::EDGE_BASE), 'section-line'),
            Shape::polyline($points, 'cloth'),
            ...array_map(static fn (array $point): Shape => Shape::circle($point[0], $point[1], $canvas->px(5), 'pin'), $points),
            ...array_map(static fn (StationResult $station): Shape => Shape::text($station->reading->at->toMillimetres(), $canvas->px(self::EDGE_BASE - 10), $station->cut, $canvas->px(17), 'halo strong', 'middle'), $check->stations),
        ];
    }
}
