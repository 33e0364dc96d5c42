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
    /** A clamp for every so much of the edge, an everyday rule. */
    private const EACH_INCHES = 16;
    private const LEAST = 3;
    /** Together at both ends of a pole, where no clamp sits. */
    private const ENDS_INCHES = 2;

    public function __construct(private HoldTimes $times) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $held = $this->held($edge);
        $length = $held->length();
        $each = Length::inches(self::EACH_INCHES);
        $count = max(self::LEAST, (int) ceil($length->nanometres / $each->nanometres) + 1);
        $places = array_map(
            static fn(int $i): Length => $length->scaledBy(2 * $i - ($count - 1), 2 * ($count - 1)),
            range(0, $count - 1),
        );

        return new Attachment(
            HoldingSystem::SpringClamps,
            Piece::row($places, (new PlacingOrder())->byHalving($count, true), $edge),
            new Worked(
                Figure::measured($length->scaledBy(1, $count - 1)),
                'As many clamps as go into the edge, and one more, at least three, shared out from end to end.',
                [
                    new Term('edge', $held->figure, 'held'),
                    new Term('a clamp for every', Figure::measured($each), 'usual'),
                ],
            ),
            $held,
            $count * $this->times->each(HoldingSystem::SpringClamps),
            notes: [Phrase::of('Spring clamps fly back: open and close them by hand.')],
            missing: StockCount::missing($habit, $count, $each),
        );
    }

    /** They sit on the pole: of a quilt wider than that, these are the clamps of one section. */
    private function held(Edge $edge): Worked
    {
        $ends = Length::inches(self::ENDS_INCHES);
        $room = $edge->pole?->minus($ends);

        return null === $room || !$room->isShorterThan($edge->length())
            ? $edge->held
            : new Worked(
                Figure::measured($room),
                'The pole less what stays free at its ends: of a wider quilt, what one section holds.',
                [
                    new Term('edge', $edge->held->figure, 'held'),
                    new Term('pole', Figure::left($edge->pole), 'frame'),
                    new Term('free at its ends', Figure::needed($ends), 'usual'),
                ],
            );
    }
}
