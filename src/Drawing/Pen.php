<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\Point;

/** Draws what many drawings share, with ends and letters that are as large on every scale. */
final readonly class Pen
{
    /** So many pixels is a tick with a label longer. */
    private const LONGER = 4;

    public function __construct(private Canvas $canvas) {}

    /**
     * The line of a dimension with a small bar at each end.
     *
     * @return list<Shape>
     */
    public function span(float $x1, float $y1, float $x2, float $y2): array
    {
        $bar = $this->canvas->px(5);
        [$dx, $dy] = abs($x2 - $x1) < abs($y2 - $y1) ? [$bar, 0.0] : [0.0, $bar];

        return [
            Shape::line($x1, $y1, $x2, $y2, 'dimension'),
            Shape::line($x1 - $dx, $y1 - $dy, $x1 + $dx, $y1 + $dy, 'dimension'),
            Shape::line($x2 - $dx, $y2 - $dy, $x2 + $dx, $y2 + $dy, 'dimension'),
        ];
    }

    /**
     * The lines of dimensions.
     *
     * @param array<string, array{float, float, float, float}> $spans from and to
     *
     * @return list<Shape>
     */
    public function spans(array $spans): array
    {
        return array_merge([], ...array_values(array_map(fn(array $span): array => $this->span(...$span), $spans)));
    }

    /**
     * Where the fields of dimensions stand.
     *
     * @param array<string, array{float, float, float, float}> $spans from and to
     *
     * @return array<string, Point> by the same names
     */
    public function middles(array $spans): array
    {
        return array_map(
            static fn(array $span): Point => new Point(($span[0] + $span[2]) / 2, ($span[1] + $span[3]) / 2),
            $spans,
        );
    }

    /**
     * The ticks of a ruler that lies across, down from $y; those with a label are longer.
     *
     * @param list<Tick> $ticks
     * @param int        $short   pixels of a tick without a label
     * @param int        $label   pixels from $y down to the foot of the label
     * @param int        $letters their height in pixels
     *
     * @return list<Shape>
     */
    public function ticks(array $ticks, float $y, int $short, int $label, int $letters): array
    {
        $shapes = [];
        foreach ($ticks as $tick) {
            $shapes[] = Shape::line(
                $tick->at,
                $y,
                $tick->at,
                $y + $this->canvas->px(null === $tick->label ? $short : $short + self::LONGER),
                'tick',
            );
            if (null !== $tick->label) {
                $shapes[] = Shape::text(
                    $tick->at,
                    $y + $this->canvas->px($label),
                    $tick->label,
                    $this->canvas->px($letters),
                    'text-soft-svg',
                    'middle',
                );
            }
        }

        return $shapes;
    }

    /**
     * An arrow; with $bothEnds it points both ways.
     *
     * @return list<Shape>
     */
    public function arrow(
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        bool $bothEnds = false,
        string $class = 'arrow',
    ): array {
        $heads = [Shape::polyline($this->head($x1, $y1, $x2, $y2), $class)];
        if ($bothEnds) {
            $heads[] = Shape::polyline($this->head($x2, $y2, $x1, $y1), $class);
        }

        return [Shape::line($x1, $y1, $x2, $y2, $class), ...$heads];
    }

    /** @return list<array{float, float}> */
    private function head(float $x1, float $y1, float $x2, float $y2): array
    {
        $length = hypot($x2 - $x1, $y2 - $y1);
        $size = $this->canvas->px(11);
        [$x, $y] = [(($x2 - $x1) / $length) * $size, (($y2 - $y1) / $length) * $size];

        return [[$x2 - $x - $y / 2, $y2 - $y + $x / 2], [$x2, $y2], [$x2 - $x + $y / 2, $y2 - $y - $x / 2]];
    }
}
