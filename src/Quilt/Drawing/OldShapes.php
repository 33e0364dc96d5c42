<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Shape;
use Schwung\Core\Measure\Point;
use Schwung\Core\Sizing\BedLayout;
use Schwung\Core\Sizing\Box;

/** What a quilt was before a change, drawn over what it would be. */
final readonly class OldShapes
{
    private const SAME_MM = 1.0;

    public function __construct(private Canvas $canvas) {}

    public function over(BedDrawing $bed, BedLayout $old): BedDrawing
    {
        $new = $bed->layout;
        $shapes = [
            ...$this->box($old->top, $new->top, 'top, as it was'),
            ...$this->box($old->required, $new->required, 'needed, as it was'),
        ];
        if ($old->backing != $new->backing && [] !== $old->backing) {
            $shapes[] = Shape::polygon(
                array_map(static fn(Point $corner): array => [$corner->x, $corner->y], $old->backing),
                'was',
            );
            $shapes[] = $this->words($old->backing[2]->x, $old->backing[2]->y, 'backing, as it was');
        }

        return $bed->under([...$bed->overlay, ...$shapes]);
    }

    /** @return list<Shape> */
    private function box(Box $old, Box $new, string $words): array
    {
        $moved = max(
            abs($old->left - $new->left),
            abs($old->right - $new->right),
            abs($old->lead - $new->lead),
            abs($old->tail - $new->tail),
        );

        return $moved < self::SAME_MM
            ? []
            : [
                Shape::box($old->left, $old->lead, $old->across(), $old->along(), 'was'),
                $this->words($old->right, $old->lead, $words),
            ];
    }

    private function words(float $x, float $y, string $words): Shape
    {
        return Shape::text(
            $x - $this->canvas->px(6),
            $y + $this->canvas->px(16),
            $words,
            $this->canvas->px(13),
            'halo text-was',
            'end',
        );
    }
}
