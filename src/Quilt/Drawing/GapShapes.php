<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Shape;
use Schwung\Core\Preparation\Preparation;

/** Draws the gaps between tops that are loaded side by side: there the batting shows. */
final readonly class GapShapes
{
    /** @return list<Shape> */
    public function shapes(Preparation $preparation): array
    {
        $top = $preparation->known->parts->top;
        $across = $preparation->top()?->width->length()->toMillimetres() ?? 0.0;
        $along = $preparation->top()?->length->length()->toMillimetres() ?? 0.0;
        $shapes = [];
        // Both edges of every gap stand in the sheet as seams, from the left.
        foreach (array_chunk($top->seamsAlong ?? [], 2) as $edges) {
            if (isset($edges[1])) {
                $from = $edges[0]->at->toMillimetres();
                $shapes[] = Shape::box(
                    $from - $across / 2,
                    0.0,
                    $edges[1]->at->toMillimetres() - $from,
                    $along,
                    'gap-between',
                );
            }
        }

        return $shapes;
    }
}
