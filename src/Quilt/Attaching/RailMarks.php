<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Drawing\Shape;
use App\Quilt\Drawing\BedDrawing;
use Schwung\Core\Attachment\Piece;
use Schwung\Core\Measure\Length;

/** Marks on the bed drawing's two bars where each piece goes, and where seams of the top meet the rail. */
final readonly class RailMarks
{
    /** @return list<Shape> */
    public function shapes(BedDrawing $bed, AttachView $view): array
    {
        $shapes = [];
        foreach ($view->edges as $edge) {
            $y =
                'lead' === $edge->name
                    ? $bed->leadBar() + $bed->canvas->px(10)
                    : $bed->tailBar() - $bed->canvas->px('top' === $edge->name ? 14 : 5);
            array_push(
                $shapes,
                ...array_map(
                    fn(Piece $piece): Shape => $this->mark(
                        $piece->centre()->minus($view->position),
                        $piece->length(),
                        $y,
                        $bed,
                    ),
                    $edge->attachment->pieces ?? [],
                ),
            );
        }

        return [
            ...$shapes,
            ...array_map(
                static fn(Length $marker): Shape => Shape::line(
                    $marker->toMillimetres() - $view->position->toMillimetres(),
                    $bed->layout->top->lead,
                    $marker->toMillimetres() - $view->position->toMillimetres(),
                    $bed->layout->top->tail,
                    'marker-line',
                ),
                $view->markers,
            ),
        ];
    }

    /** @param Length $centre from the quilt's own middle */
    private function mark(Length $centre, Length $length, float $y, BedDrawing $bed): Shape
    {
        $wide = max($length->toMillimetres(), $bed->canvas->px(3));

        return Shape::box($centre->toMillimetres() - $wide / 2, $y, $wide, $bed->canvas->px(5), 'piece');
    }
}
