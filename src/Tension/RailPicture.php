<?php

declare(strict_types=1);

namespace App\Tension;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Ruler;
use App\Drawing\Shape;
use App\Frames\StudioFrame;
use Schwung\Core\Measure\UnitSystem;

/** Draws where along a frame's rail, and how deep in the quilts, problems were seen: one scale, zero at the centre mark. */
final readonly class RailPicture
{
    private const WIDE = 760;
    private const HIGH = 420;
    private const DEEP_MM = 1200.0;

    public function __construct(private UnitSystem $units)
    {
    }

    /** @param list<LoggedProblem> $problems */
    public function draw(StudioFrame $frame, array $problems): Picture
    {
        $placed = array_values(array_filter($problems, static fn (LoggedProblem $problem): bool => $problem->hasPlace()));
        $half = $frame->measures()->rail->toMillimetres() / 2;
        $deep = max([self::DEEP_MM, ...array_map(static fn (LoggedProblem $problem): float => $problem->entry->number('y') + 60, $placed)]);
        $canvas = Canvas::around(['left' => -$half, 'top' => 0, 'right' => $half, 'bottom' => $deep], self::WIDE, self::HIGH, ['left' => 14, 'top' => 40, 'right' => 14, 'bottom' => 12]);
        $px = $canvas->px(...);

        return new Picture($canvas, \sprintf('The rail of %s from above, with %d problems where they were seen.', $frame->name(), \count($placed)), [
            Shape::box(-$half, -$px(36), 2 * $half, $px(10), 'rail'),
            ...(new Pen($canvas))->ticks((new Ruler($this->units))->ticks(-$half, $half), -$px(26), 4, 18, 12),
            Shape::line(0, 0, 0, $deep, 'drift-middle'),
            ...array_merge([], ...array_map(static fn (int $i, LoggedProblem $problem): array => [
                Shape::circle($problem->entry->number('x'), $problem->entry->number('y'), $px(11), 'problem-pin'),
                Shape::text($problem->entry->number('x'), $problem->entry->number('y') + $px(5), (string) ($i + 1), $px(13), 'problem-number strong', 'middle'),
            ], array_keys($placed), $placed)),
        ]);
    }
}
