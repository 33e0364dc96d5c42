<?php

declare(strict_types=1);

namespace App\Drawing;

/** Draws points with a line and a band through them, on two axes; small, and of one size whatever is in it. */
final readonly class Plot
{
    private const WIDE = 420;
    private const HIGH = 230;
    private const ROOM = ['left' => 52, 'top' => 30, 'right' => 14, 'bottom' => 56];

    public function __construct(private Axis $across, private Axis $up) {}

    /**
     * @param list<array{float, float}>                  $points
     * @param list<array{list<array{float, float}>, string}> $lines from left to right, each with its class
     * @param list<array{float, float, float}>           $band   at a place from and to, from left to right
     */
    public function draw(string $label, array $points, array $lines = [], array $band = []): Picture
    {
        [$wide, $high] = self::inner();
        $canvas = Canvas::around(
            ['left' => 0.0, 'top' => 0.0, 'right' => (float) $wide, 'bottom' => (float) $high],
            self::WIDE,
            self::HIGH,
            self::ROOM,
        );

        return new Picture($canvas, $label, [
            ...$this->grid($wide, $high),
            ...$this->band($band),
            ...array_map(
                fn(array $line): Shape => Shape::polyline(array_map($this->place(...), $line[0]), $line[1]),
                $lines,
            ),
            ...array_map($this->point(...), $points),
        ]);
    }

    /** @return array{int, int} how wide and high the field of the points is */
    private static function inner(): array
    {
        return [
            self::WIDE - self::ROOM['left'] - self::ROOM['right'],
            self::HIGH - self::ROOM['top'] - self::ROOM['bottom'],
        ];
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    private function place(array $point): array
    {
        [$wide, $high] = self::inner();

        return [$wide * $this->across->share($point[0]), $high * (1 - $this->up->share($point[1]))];
    }

    /** @param array{float, float} $point */
    private function point(array $point): Shape
    {
        [$x, $y] = $this->place($point);

        return Shape::circle($x, $y, 4.5, 'plot-point');
    }

    /** @return list<Shape> */
    private function grid(float $wide, float $high): array
    {
        $shapes = [];
        foreach ($this->up->ticks as $words => $at) {
            $y = $high * (1 - $this->up->share($at));
            $shapes[] = Shape::line(0, $y, $wide, $y, 'plot-grid');
            $shapes[] = Shape::text(-7, $y + 4.5, (string) $words, 13, 'text-soft-svg', 'end');
        }
        foreach ($this->across->ticks as $words => $at) {
            $x = $wide * $this->across->share($at);
            $shapes[] = Shape::line($x, $high, $x, $high + 5, 'tick');
            $shapes[] = Shape::text($x, $high + 25, (string) $words, 13, 'text-soft-svg', 'middle');
        }

        return [
            ...$shapes,
            Shape::line(0, $high, $wide, $high, 'plot-axis'),
            Shape::text($wide, $high + 48, $this->across->words, 13, 'text-soft-svg', 'end'),
            Shape::text(-48, -14, $this->up->words, 13, 'halo text-soft-svg'),
        ];
    }

    /**
     * @param list<array{float, float, float}> $band
     *
     * @return list<Shape>
     */
    private function band(array $band): array
    {
        if ([] === $band) {
            return [];
        }

        return [
            Shape::polygon(
                [
                    ...array_map(fn(array $at): array => $this->place([$at[0], $at[1]]), $band),
                    ...array_map(fn(array $at): array => $this->place([$at[0], $at[2]]), array_reverse($band)),
                ],
                'plot-band',
            ),
        ];
    }
}
