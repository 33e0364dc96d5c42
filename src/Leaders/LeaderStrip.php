<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Drawing\Strip;
use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Leader\StationResult;
use Schwung\Core\Leader\Wear;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/**
 * Draws a leader along its length, zero at its centre mark: how many loads hung from each part, and below it how its
 * edge was found, its crookedness enlarged.
 */
final readonly class LeaderStrip
{
    private const HIGH = 260;
    private const WEAR_BASE = 128;
    private const EDGE_BASE = 178;
    private const PIXELS_PER_INCH = 120;

    public function __construct(private UnitSystem $units) {}

    /** @param list<PastLoad> $loads */
    public function draw(Length $width, array $loads, ?LeaderCheck $check, string $label): Picture
    {
        $end = $width->half()->toMillimetres();
        $strip = new Strip($end, self::HIGH);
        $canvas = $strip->canvas;

        return new Picture($canvas, $label, [
            ...$strip->ruler($this->units),
            ...$this->wear(Wear::of($loads), $canvas),
            Shape::line(-$end, $canvas->px(self::WEAR_BASE), $end, $canvas->px(self::WEAR_BASE), 'stop-line'),
            ...null === $check ? [] : $this->edge($check, $canvas, $end),
        ]);
    }

    /** @return list<Shape> a column for every part, as high as its loads, with their number */
    private function wear(Wear $wear, Canvas $canvas): array
    {
        $shapes = [];
        foreach ($wear->steps as [$from, $to, $count]) {
            if ($count > 0) {
                $high = $canvas->px((76 * $count) / max(1, $wear->peak()));
                $shapes[] = Shape::box(
                    $from->toMillimetres(),
                    $canvas->px(self::WEAR_BASE) - $high,
                    $to->minus($from)->toMillimetres(),
                    $high,
                    'wear',
                    'url(#hatch)',
                );
            }
        }
        foreach ($wear->steps as [$from, $to, $count]) {
            if ($to->minus($from)->toMillimetres() > $canvas->px(30) && $count > 0) {
                $shapes[] = Shape::text(
                    ($from->toMillimetres() + $to->toMillimetres()) / 2,
                    $canvas->px(self::WEAR_BASE - 8),
                    (string) $count,
                    $canvas->px(18),
                    'halo strong',
                    'middle',
                );
            }
        }

        return $shapes;
    }

    /** @return list<Shape> the edge as it was found against where it ought to be, and what is to cut */
    private function edge(LeaderCheck $check, Canvas $canvas, float $end): array
    {
        $points = array_map(
            static fn(StationResult $station): array => [
                $station->reading->at->toMillimetres(),
                $canvas->px(self::EDGE_BASE + min(60, self::PIXELS_PER_INCH * $station->cut->length()->toInches())),
            ],
            $check->stations,
        );

        return [
            Shape::line(-$end, $canvas->px(self::EDGE_BASE), $end, $canvas->px(self::EDGE_BASE), 'section-line'),
            Shape::polyline($points, 'cloth'),
            ...array_map(
                static fn(array $point): Shape => Shape::circle($point[0], $point[1], $canvas->px(5), 'pin'),
                $points,
            ),
            ...array_map(
                fn(StationResult $station): Shape => Shape::text(
                    $station->reading->at->toMillimetres(),
                    $canvas->px(self::EDGE_BASE - 10),
                    $this->inSixteenths($station),
                    $canvas->px(17),
                    'halo strong',
                    'middle',
                ),
                $check->stations,
            ),
        ];
    }

    private function inSixteenths(StationResult $station): string
    {
        return $station->cut->figure->writtenBy(new LengthWriter($this->units, 16));
    }
}
