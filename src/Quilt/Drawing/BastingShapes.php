<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Shape;
use Schwung\Core\Loading\BastingLine;
use Schwung\Core\Loading\BastingLineKind;

/** Draws the lines of basting over the bed, the wavy ones as waves. */
final readonly class BastingShapes
{
    private const WAVE_MM = 25.0;

    public function __construct(private Canvas $canvas) {}

    /**
     * @param list<BastingLine> $lines
     *
     * @return list<Shape>
     */
    public function shapes(array $lines): array
    {
        return array_map($this->line(...), $lines);
    }

    private function line(BastingLine $line): Shape
    {
        $class = 'basting basting-' . $line->kind->value;
        $shape = $line->isWavy
            ? Shape::polyline($this->wave($line), $class)
            : Shape::line($line->from->x, $line->from->y, $line->to->x, $line->to->y, $class);

        return null === $line->pass ? $shape : $shape->marked('basted', (string) $line->pass);
    }

    /** @return list<array{float, float}> */
    private function wave(BastingLine $line): array
    {
        $long = $line->to->x - $line->from->x;
        $high = BastingLineKind::Meander === $line->kind ? 35.0 : $this->canvas->px(3);
        $step = BastingLineKind::Meander === $line->kind ? 60.0 : self::WAVE_MM;
        $count = max(2, (int) ceil(abs($long) / $step));

        return array_map(
            static fn(int $i): array => [
                $line->from->x + ($i / $count) * $long,
                $line->from->y + (0 === $i % 2 ? -$high : $high) / 2,
            ],
            range(0, $count),
        );
    }
}
