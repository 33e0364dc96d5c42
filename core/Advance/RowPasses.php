<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 9, second half: each pass takes as many rows as its depth holds, which gives the fewest passes because the
 * depth only shrinks. What is wound on is counted from the design's start.
 */
final readonly class RowPasses
{
    /** Beyond so many passes a frame cannot be meant; it bounds the work. */
    public const MOST = 1000;

    public function __construct(private Roll $roll) {}

    public function plan(RowLayout $layout): PassPlan
    {
        return $this->first($layout, $layout->count);
    }

    /** The passes of the first $rows rows only, which may be none; places are counted from the end where they begin. */
    public function first(RowLayout $layout, int $rows): PassPlan
    {
        [$height, $gap] = [$layout->height->toMillimetres(), $layout->gap->toMillimetres()];
        [$pitch, $start] = [$height + $gap, $layout->start(0)->toMillimetres()];
        $steps = [];
        for ($row = 0; $row < $rows; $row += $taken) {
            $depth = $this->roll->depth($row * $pitch);
            if (!Near::isWithin($height, $depth) || \count($steps) >= self::MOST) {
                return PassPlan::of($this->roll, $steps, $this->obstacle($height, $depth, \count($steps) + 1));
            }
            $taken = min($rows - $row, max(1, (int) floor(($depth + $gap + Near::MILLIMETRES) / $pitch)));
            $steps[] = new Step(
                $row * $pitch,
                $start + $row * $pitch,
                $start + ($row + $taken) * $pitch - $gap,
                $taken,
            );
        }

        return PassPlan::of($this->roll, $steps);
    }

    private function obstacle(float $height, float $depth, int $pass): Phrase
    {
        return Phrase::of(
            "A row of %s does not fit: pass $pass has only %s of depth.",
            Figure::needed(Length::millimetres($height)),
            Figure::left(Length::millimetres(max(0.0, $depth))),
        );
    }
}
