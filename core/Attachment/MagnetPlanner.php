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
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;

/** Rule 14, magnets: centre, ends, then always the middle of the widest gap. */
final readonly class MagnetPlanner
{
    public function __construct(private Practice $practice) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $wanted = $this->practice->at(PinSchool::Wide === $habit->school ? Distance::PinWide : Distance::PinHand);
        $each = max(1, (int) ceil($edge->half()->nanometres / $wanted->nanometres));
        $places = array_map(static fn(int $k): Length => $edge->half()->scaledBy($k, $each), range(-$each, $each));

        return new Attachment(
            HoldingSystem::Magnets,
            Piece::row($places, (new PlacingOrder())->byHalving(\count($places)), $edge),
            new Worked(
                Figure::measured($edge->half()->scaledBy(1, $each)),
                'From the centre to the end, shared out evenly, no wider than wanted.',
                [
                    new Term('edge', $edge->held->figure, 'held'),
                    new Term('wanted', Figure::measured($wanted), 'magnets'),
                ],
            ),
            $edge->held,
            \count($places) * $this->practice->times->each(HoldingSystem::Magnets),
            StockCount::missing($habit, \count($places), $wanted),
            notes: [
                Phrase::of(
                    'Strong magnets pinch: set each down edge first. Keep them away from implanted medical devices ' .
                        '(ask the doctor or the maker of the device), from cards and electronics, and off the bars ' .
                        'that must turn.',
                ),
            ],
        );
    }
}
