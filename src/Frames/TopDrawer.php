<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Point;

/** Draws a frame from above with a place for each measure; what is not entered yet at a usual size. */
final readonly class TopDrawer
{
    public function draw(Frame $frame, ?string $only = null): Picture
    {
        $mm = SideGeometry::drawn(...);
        $rail = $mm($frame->size(FrameMeasure::Rail), 3000);
        [$half, $deep] = [$rail / 2, $rail * 0.3];
        $canvas = Canvas::around(['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => $deep], 700, 350, [
            'left' => 14,
            'top' => 26,
            'right' => 14,
            'bottom' => 100,
        ]);
        $bar = $canvas->px(9);
        [$left, $right] = [
            $frame->size(FrameMeasure::UnreachableLeft)->toMillimetres(),
            $frame->size(FrameMeasure::UnreachableRight)->toMillimetres(),
        ];
        [$wide, $long] = [
            $mm($frame->leaderWidth(), $rail * 0.92),
            min($deep * 0.5, $mm($frame->at(FrameMeasure::LeaderLength), 500) * 0.45),
        ];
        $below = $deep + $canvas->px(28);
        $spans = [
            'rail' => [-$half, $deep + $canvas->px(64), $half, $deep + $canvas->px(64)],
            ...$left > 0 ? ['unreachableLeft' => [-$half, $below, -$half + $left, $below]] : [],
            ...$right > 0 ? ['unreachableRight' => [$half - $right, $below, $half, $below]] : [],
            ...$frame->kind->hasLeaders()
                ? [
                    'leaderWidth' => [
                        -$wide / 2,
                        $bar + $long + $canvas->px(26),
                        $wide / 2,
                        $bar + $long + $canvas->px(26),
                    ],
                    'leaderLength' => [$wide * 0.36, $bar, $wide * 0.36, $bar + $long],
                ]
                : [],
        ];

        return new Picture(
            $canvas,
            'The frame from above, the quilter at the bottom.',
            [
                Shape::box(-$half, $bar, $left, $deep - $bar, 'unreachable', 'url(#short)'),
                Shape::box($half - $right, $bar, $right, $deep - $bar, 'unreachable', 'url(#short)'),
                ...$frame->kind->hasLeaders()
                    ? [Shape::box(-$wide / 2, $bar, $wide, $long, 'leader', 'url(#hatch)')]
                    : [],
                Shape::box(-$half, 0, $rail, $bar, 'rail'),
                Shape::box(-$half, $deep - $bar, $rail, $bar, 'rail'),
                Shape::text(0, -$canvas->px(8), $frame->kind->back(), $canvas->px(12), 'text-soft-svg', 'middle'),
                ...(new Pen($canvas))->spans(null === $only ? $spans : array_intersect_key($spans, [$only => true])),
            ],
            [
                ...(new Pen($canvas))->middles($spans),
                'unreachableLeft' => new Point(-$half + $canvas->px(50), $below + $canvas->px(2)),
                'unreachableRight' => new Point($half - $canvas->px(50), $below + $canvas->px(2)),
            ],
        );
    }
}
