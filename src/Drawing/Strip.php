<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\UnitSystem;

/** The ground of a drawing along a rail or a leader: long and low, its ruler at the top with zero in the middle. */
final readonly class Strip
{
    private const WIDE = 1500;
    private const BEYOND = 30.0;

    public Canvas $canvas;

    /** @param float $half half the length that is drawn, in millimetres */
    public function __construct(private float $half, int $pixelsHigh)
    {
        $reach = $half + self::BEYOND;
        $this->canvas = Canvas::around(
            ['left' => -$reach, 'top' => 0, 'right' => $reach, 'bottom' => ($pixelsHigh * 2 * $reach) / self::WIDE],
            self::WIDE,
            $pixelsHigh,
            ['left' => 0, 'top' => 0, 'right' => 0, 'bottom' => 0],
        );
    }

    /** @return list<Shape> */
    public function ruler(UnitSystem $units): array
    {
        $end = $this->half - self::BEYOND;

        return (new Pen($this->canvas))->ticks(
            (new Ruler($units))->ticks(-$end, $end),
            $this->canvas->px(28),
            8,
            -6,
            18,
        );
    }
}
