<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

/** A field typed at the line that it measures: where its middle stands, and that line (millimetres). */
final readonly class MeasureField
{
    public function __construct(
        public string $path,
        public string $label,
        public float $x,
        public float $y,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
    ) {}
}
