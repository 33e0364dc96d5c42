<?php

declare(strict_types=1);

namespace App\Tension\Sketch;

use App\Drawing\Shape;

/** What many sketches share: the bed from above, across its middle, and from the side; 120 by 84. */
final readonly class SketchPad
{
    /**
     * The bed from above, between its two rails.
     *
     * @return list<Shape>
     */
    public static function bed(): array
    {
        return [self::rail(8), self::rail(71), Shape::box(16, 13, 88, 58, 'sketch-cloth')];
    }

    public static function rail(float $top): Shape
    {
        return Shape::box(8, $top, 104, 5, 'rail');
    }

    /**
     * Along the middle of the bed, seen from the front: where the cloth should be is dashed.
     *
     * @return list<Shape>
     */
    public static function across(string $cloth): array
    {
        return [Shape::line(8, 30, 112, 30, 'sketch-should'), Shape::path($cloth, 'sketch-fault')];
    }

    /**
     * From the side: the take-up behind, the rail in front.
     *
     * @return list<Shape>
     */
    public static function side(float $behind = 50, float $front = 50): array
    {
        return [Shape::circle(18, $behind, 9, 'sketch-cloth'), Shape::circle(102, $front, 9, 'sketch-cloth')];
    }

    /**
     * The foot of the machine, standing on the cloth.
     *
     * @return list<Shape>
     */
    public static function foot(float $x, float $y): array
    {
        return [
            Shape::line($x, $y - 30, $x, $y - 6, 'sketch-foot'),
            Shape::box($x - 9, $y - 6, 18, 5, 'sketch-foot-sole'),
        ];
    }

    /** @return list<Shape> a foot seen from above */
    public static function hoop(float $x, float $y): array
    {
        return [Shape::circle($x, $y, 7, 'sketch-foot-open')];
    }

    /**
     * An arrow to the second point.
     *
     * @return list<Shape>
     */
    public static function arrow(float $x1, float $y1, float $x2, float $y2): array
    {
        $length = hypot($x2 - $x1, $y2 - $y1);
        [$x, $y] = [(($x2 - $x1) / $length) * 6, (($y2 - $y1) / $length) * 6];

        return [
            Shape::line($x1, $y1, $x2, $y2, 'sketch-fault'),
            Shape::polyline(
                [[$x2 - $x - $y / 1.5, $y2 - $y + $x / 1.5], [$x2, $y2], [$x2 - $x + $y / 1.5, $y2 - $y - $x / 1.5]],
                'sketch-fault',
            ),
        ];
    }

    /**
     * Paths of one kind.
     *
     * @return list<Shape>
     */
    public static function paths(string $class, string ...$commands): array
    {
        return array_map(static fn(string $path): Shape => Shape::path($path, $class), array_values($commands));
    }
}
