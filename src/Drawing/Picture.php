<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\Point;

/** A whole drawing: its window, and its marks from back to front. */
final readonly class Picture
{
    /**
     * @param list<Shape>          $shapes
     * @param array<string, Point> $fields where the field of a measure stands, by its name
     */
    public function __construct(
        public Canvas $canvas,
        public string $label,
        public array $shapes,
        public array $fields = [],
    ) {}

    /** The classes that place a field on the drawing. */
    public function place(string $field): string
    {
        return $this->canvas->placeAcross($this->fields[$field]->x) .
            ' ' .
            $this->canvas->placeDown($this->fields[$field]->y);
    }
}
