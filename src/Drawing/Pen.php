<?php

declare(strict_types=1);

namespace App\Drawing;

/** Draws what many drawings share, with ends and letters that are as large on every scale. */
final readonly class Pen
{
    public function __construct(private Canvas $canvas)
    {
    }

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
     * An arrow; with $bothEnds it points both ways.
     *
     * @return list<Shape>
     */
    public function arrow(float $x1, float $y1, float $x2, float $y2, bool $bothEnds = false, string $class = 'arrow'): array
    {
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
        [$x, $y] = [($x2 - $x1) / $length * $size, ($y2 - $y1) / $length * $size];

        return [[$x2 - $x - $y / 2, $y2 - $y + $x / 2], [$x2, $y2], [$x2 - $x + $y / 2, $y2 - $y - $x / 2]];
    }
}
