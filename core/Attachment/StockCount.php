<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\HoldHabit;

/** Whether counted pieces suffice. */
final readonly class StockCount
{
    /** What is missing is told in whole ones: nobody buys an eighth of a piece. */
    private const WHOLE_INCHES = 1;

    /**
     * Counted pieces that are too few; the figure is the edge that stays without. Null where there are enough, or
     * nobody counted.
     */
    public static function missing(HoldHabit $habit, int $count, Length $each): ?Worked
    {
        $there = array_sum(array_map(static fn(StockPiece $piece): int => $piece->count, $habit->stock));
        if ([] === $habit->stock || $there >= $count) {
            return null;
        }

        return new Worked(
            Figure::missing($each->times($count - $there)->roundedTo(Length::inches(self::WHOLE_INCHES), Rounding::Up)),
            "There are $there, $count are wanted.",
            [],
        );
    }
}
