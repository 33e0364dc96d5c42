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
        return $this->resumed($layout, $rows, []);
    }

    /**
     * The same where the first passes stay as they are, and only those after them are planned.
     *
     * @param list<int> $kept rows of each pass that stays
     */
    public function resumed(RowLayout $layout, int $rows, array $kept): PassPlan
    {
        $start = $layout->start(0)->toMillimetres();
        $from = static fn(int $row): float => $layout->start($row)->toMillimetres();
        $to = static fn(int $row): float => $layout->end($row)->toMillimetres();
        $steps = [];
        for ($row = 0; $row < $rows; $row += $taken) {
            $depth = $this->roll->depth($from($row) - $start);
            $taken = min($rows - $row, $kept[\count($steps)] ?? $this->taken($layout, $row, $depth));
            if ($taken < 1 || \count($steps) >= self::MOST) {
                return PassPlan::of(
                    $this->roll,
                    $steps,
                    $this->obstacle($layout->heightOf($row)->toMillimetres(), $depth, \count($steps) + 1),
                );
            }
            $steps[] = new Step($from($row) - $start, $from($row), $to($row + $taken - 1), $taken);
        }

        return PassPlan::of($this->roll, $steps);
    }

    /** How many rows from this one on a depth holds; none where not even this one fits. */
    private function taken(RowLayout $layout, int $row, float $depth): int
    {
        [$height, $gap] = [$layout->heightOf($row)->toMillimetres(), $layout->gapBefore($row + 1)->toMillimetres()];

        return Near::isWithin($height, $depth)
            ? max(1, (int) floor(($depth + $gap + Near::MILLIMETRES) / ($height + $gap)))
            : 0;
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
