<?php

declare(strict_types=1);

namespace App\Drawing;

/** A whole drawing: its window, and its marks from back to front. */
final readonly class Picture
{
    /** @param list<Shape> $shapes */
    public function __construct(public Canvas $canvas, public string $label, public array $shapes)
    {
    }
}
