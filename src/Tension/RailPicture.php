<?php

declare(strict_types=1);

namespace App\Tension;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Ruler;
use App\Drawing\Shape;
use App\Frames\StudioFrame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\UnitSystem;

/**
 * Draws where along a frame's rail, and how deep in the quilts, problems were seen: one scale, zero at the centre mark.
 * A few
 * are numbered as in the list; of many it is counted how many were at each place.
 */
final readonly class RailPicture
{
    private const WIDE = 760;
    private const HIGH = 420;
    private const DEEP_MM = 1200.0;
    /** More are counted by place. */
    private const NUMBERED = 60;
    private const PLACE_MM = 152.4;

    public function __construct(private UnitSystem $units) {}

    /** @param list<LoggedProblem> $problems */
    public function draw(StudioFrame $frame, array $problems): Picture
    {
        $places = array_map(
            static fn(LoggedProblem $problem): array => [$problem->x ?? 0.0, $problem->y ?? 0.0],
            array_values(array_filter($problems, static fn(LoggedProblem $problem): bool => $problem->hasPlace())),
        );
        $half = $frame->measures()->size(FrameMeasure::Rail)->toMillimetres() / 2;
        $deep = max([self::DEEP_MM, ...array_map(static fn(array $place): float => $place[1] + 60, $places)]);
        $canvas = Canvas::around(
            ['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => $deep],
            self::WIDE,
            self::HIGH,
            ['left' => 14, 'top' => 40, 'right' => 14, 'bottom' => 12],
        );
        $px = $canvas->px(...);
        $isMany = \count($places) > self::NUMBERED;

        return new Picture(
            $canvas,
            \sprintf(
                'The rail of %s from above, with %d problems where they were seen%s.',
                $frame->name(),
                \count($places),
                $isMany ? ', counted by place' : '',
            ),
            [
                Shape::box(-$half, -$px(36), 2 * $half, $px(10), 'rail'),
                ...(new Pen($canvas))->ticks((new Ruler($this->units))->ticks(-$half, $half), -$px(26), 4, 18, 12),
                Shape::line(0, 0, 0, $deep, 'drift-middle'),
                ...$isMany ? $this->counted($canvas, $places) : $this->numbered($canvas, $places),
            ],
        );
    }

    /**
     * @param list<array{float, float}> $places
     *
     * @return list<Shape>
     */
    private function numbered(Canvas $canvas, array $places): array
    {
        return array_merge(
            [],
            ...array_map(
                fn(int $i, array $place): array => $this->pin($canvas, $place[0], $place[1], 11, (string) ($i + 1)),
                array_keys($places),
                $places,
            ),
        );
    }

    /**
     * @param non-empty-list<array{float, float}> $places
     *
     * @return list<Shape> the more were seen at a place, the larger its mark
     */
    private function counted(Canvas $canvas, array $places): array
    {
        $counts = [];
        foreach ($places as [$x, $y]) {
            $at = round($x / self::PLACE_MM) . ' ' . round($y / self::PLACE_MM);
            $counts[$at] = 1 + ($counts[$at] ?? 0);
        }
        $most = max($counts);
        ksort($counts);

        return array_merge(
            [],
            ...array_map(
                function (string $at, int $count) use ($canvas, $most): array {
                    [$x, $y] = array_map(floatval(...), explode(' ', $at));

                    return $this->pin(
                        $canvas,
                        $x * self::PLACE_MM,
                        $y * self::PLACE_MM,
                        7 + 9 * sqrt($count / $most),
                        (string) $count,
                    );
                },
                array_keys($counts),
                $counts,
            ),
        );
    }

    /** @return list<Shape> */
    private function pin(Canvas $canvas, float $x, float $y, float $pixels, string $number): array
    {
        return [
            Shape::circle($x, $y, $canvas->px($pixels), 'problem-pin'),
            Shape::text($x, $y + $canvas->px(4), $number, $canvas->px(12), 'problem-number strong', 'middle'),
        ];
    }
}
