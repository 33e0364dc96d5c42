<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;

/** Rule 14, dowel clamps: no more than half an inch apart, spread evenly over the edge. */
final readonly class DowelClampPlanner
{
    /** Of a clamp whose length nobody wrote down. */
    private const USUAL_INCHES = 4;

    public function __construct(private Practice $practice) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $length = $habit->stock[0]->length ?? Length::inches(self::USUAL_INCHES);
        $gap = $this->practice->at(Distance::DowelGap);
        $count = max(1, (int) ceil($edge->length()->plus($gap)->nanometres / $length->plus($gap)->nanometres));
        $free =
            1 === $count
                ? Length::zero()
                : $edge
                    ->length()
                    ->minus($length->times($count))
                    ->scaledBy(1, $count - 1);
        $free = Length::longest(Length::zero(), Length::shortest($gap, $free));
        $step = $length->plus($free);
        $first = $step
            ->times($count - 1)
            ->half()
            ->negated();
        $orders = (new PlacingOrder())->fromCentre($count, $edge->hand);
        $pieces = array_map(static function (int $i) use ($first, $step, $length, $orders, $edge): Piece {
            $centre = $edge->position->plus($first, $step->times($i));

            return new Piece($centre->minus($length->half()), $centre->plus($length->half()), $orders[$i]);
        }, range(0, $count - 1));

        return new Attachment(
            HoldingSystem::DowelClamps,
            $pieces,
            new Worked(
                Figure::measured($step),
                'Clamps no further apart than the studio wants, spread evenly over the edge.',
                [
                    new Term('clamp', Figure::measured($length), [] === $habit->stock ? 'usual' : 'stock'),
                    new Term('gap', Figure::measured($free), 'shared out'),
                ],
            ),
            $edge->held,
            $count * $this->practice->times->each(HoldingSystem::DowelClamps),
            notes: [
                Phrase::of(
                    'They need a casing with its dowel in the leader. The end clamps may sit partly on bare leader.',
                ),
            ],
            missing: StockCount::missing($habit, $count, $length),
        );
    }
}
