<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;

/** Draws what many drawings share, with ends and letters that are as large on every scale. */
final readonly class Pen
{
    public function __construct(private Canvas $canvas)
    {
    }

    /**
     * A dimension from one point to another with a small bar at each end and its text at the middle, beside the line.
     *
     * @return list<Shape>
     */
    public function dimension(float $x1, float $y1, float $x2, float $y2, string|Length|Figure|Worked|Phrase $text, string $class = '', float $size = 13): array
    {
        $isUpright = abs($x2 - $x1) < abs($y2 - $y1);
        $label = $isUpright
            ? Shape::text($x1 + $this->canvas->px(8), ($y1 + $y2) / 2 + $this->canvas->px($size / 3), $text, $this->canvas->px($size), 'halo strong '.$class)
            : Shape::text(($x1 + $x2) / 2, $y1 - $this->canvas->px(6), $text, $this->canvas->px($size), 'halo strong '.$class, 'middle');

        return [...$this->span($x1, $y1, $x2, $y2), $label];
    }

    /**
     * The line of a dimension with its bars, without a text.
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
