<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use Schwung\Core\Measure\Length;

/** One piece to cut, at its place on the cloth (millimetres); its length lies along the bolt. */
final readonly class CutPiece
{
    public function __construct(public float $x, public float $y, public Length $length, public Length $width, public string $name)
    {
    }
}
