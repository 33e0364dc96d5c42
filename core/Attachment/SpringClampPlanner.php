<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\HoldTimes;

/** Rule 14, spring clamps: ends first, then the centre, then between. */
final readonly class SpringClampPlanner
{
    public function __construct(private HoldTimes $times)
    {
    }

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $count = max(3, (int) ceil($edge->length()->nanometres / Length::inches(16)->nanometres) + 1);
        $places = array_map(static fn (int $i): Length => $edge->length()->scaledBy(2 * $i - ($count - 1), 2 * ($count - 1)), range(0, $count - 1));

        return new Attachment(
            HoldingSystem::SpringClamps,
            Piece::row($places, (new PlacingOrder())->byHalving($count, true), $edge),
            new Worked(Figure::measured($edge->length()->scaledBy(1, $count - 1)), 'A clamp for every 16 in and one more, at least three, shared out from end to end.', [new Term('edge', $edge->held->figure, 'held')]),
            $edge->held,
            $count * $this->times->each(HoldingSystem::SpringClamps),
            notes: [Phrase::of('Spring clamps fly back: open and close them by hand.')],
            missing: StockCount::missing($habit, $count, Length::inches(16)),
        );
    }
}
