<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Leader\NewLeader;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** Draws a new leader's free edge, enlarged across: where it is folded, and the marks along it. */
final readonly class CasingDrawing
{
    public function draw(NewLeader $leader): Picture
    {
        $half = $leader->finishedWidth()->half()->toMillimetres();
        $canvas = Canvas::around(['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => $half * 0.22], 900, 190, [
            'left' => 20,
            'top' => 10,
            'right' => 20,
            'bottom' => 28,
        ]);
        $px = $canvas->px(...);
        [$fold, $edge] = [$px(62), $px(100)];

        return new Picture($canvas, 'The free edge of the new leader with its fold line and marks.', [
            Shape::box(-$half, 0, 2 * $half, $edge, 'leader', 'url(#hatch)'),
            Shape::line(-$half, $fold, $half, $fold, 'stop-cuts stop-line'),
            Shape::text(
                -$half + $px(10),
                $fold - $px(8),
                Phrase::of('fold line, %s from the free edge', Figure::measured($leader->fold())),
                $px(14),
                'halo strong',
            ),
            ...array_map(
                static fn(Length $tick): Shape => Shape::line(
                    $tick->toMillimetres(),
                    $edge - $px(0 === $tick->nanometres ? 30 : 16),
                    $tick->toMillimetres(),
                    $edge,
                    0 === $tick->nanometres ? 'needle' : 'dimension',
                ),
                $leader->ticks(),
            ),
            Shape::text(0, $edge + $px(18), 'centre', $px(14), 'strong', 'middle'),
            Shape::text(
                $half,
                $edge + $px(18),
                Phrase::of('free edge, a mark every %s', Figure::measured($leader->tickSpacing())),
                $px(14),
                'text-soft-svg',
                'end',
            ),
        ]);
    }
}
