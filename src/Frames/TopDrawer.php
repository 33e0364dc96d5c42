<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Measure\Length;

/** Draws a frame from above with the letters of its measures; what is not entered yet at a usual size. */
final readonly class TopDrawer
{
    public function draw(Frame $frame): Picture
    {
        $mm = static fn (?Length $length, float $usual): float => null !== $length && $length->isPositive() ? $length->toMillimetres() : $usual;
        $rail = $mm($frame->rail, 3000);
        [$half, $deep] = [$rail / 2, $rail * 0.3];
        $canvas = Canvas::around(['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => $deep], 640, 262, ['left' => 14, 'top' => 40, 'right' => 14, 'bottom' => 34]);
        $bar = $canvas->px(9);
        $pen = new Pen($canvas);
        [$left, $right] = [$frame->unreachableLeft->toMillimetres(), $frame->unreachableRight->toMillimetres()];
        $hasLeader = $frame->kind->hasLeaders();
        [$wide, $long] = [$mm($frame->leaderWidth, $rail * 0.92), min($deep * 0.45, $mm($frame->leaderLength, 500) * 0.4)];

        return new Picture($canvas, 'The frame from above, take-up at the top. A rail, B and C out of reach, J and K the leader.', [
            Shape::box(-$half, $bar, $left, $deep - $bar, 'unreachable', 'url(#short)'),
            Shape::box($half - $right, $bar, $right, $deep - $bar, 'unreachable', 'url(#short)'),
            ...($hasLeader ? [
                Shape::box(-$wide / 2, $bar, $wide, $long, 'leader', 'url(#hatch)'),
                ...$pen->dimension(-$wide / 2, $bar + $long + $canvas->px(18), $wide / 2, $bar + $long + $canvas->px(18), 'K', size: 16),
                ...$pen->dimension($wide * 0.34, $bar, $wide * 0.34, $bar + $long, 'J', size: 16),
            ] : []),
            Shape::box(-$half, 0, $rail, $bar, 'rail'),
            Shape::box(-$half, $deep - $bar, $rail, $bar, 'rail'),
            Shape::text(0, -$canvas->px(8), FrameKind::Clamp === $frame->kind ? 'back pole' : 'take-up roller', $canvas->px(12), 'text-soft-svg', 'middle'),
            ...$pen->dimension(-$half, $deep + $canvas->px(22), $half, $deep + $canvas->px(22), 'A', size: 16),
            ...($left > 0 ? $pen->dimension(-$half, $deep - $canvas->px(26), -$half + $left, $deep - $canvas->px(26), 'B', size: 16) : []),
            ...($right > 0 ? $pen->dimension($half - $right, $deep - $canvas->px(26), $half, $deep - $canvas->px(26), 'C', size: 16) : []),
        ]);
    }
}
