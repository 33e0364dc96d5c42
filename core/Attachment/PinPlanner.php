<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;

/** Rule 14, pins: in from each end, shared out evenly from the centre, or at the ticks of the leader. */
final readonly class PinPlanner
{
    /** From the end of a pin to the next, end to end. */
    private const AFTER_INCHES = 0.25;
    /** A tick nearer to an end has that end's pin. */
    private const TICK_INSIDE_INCHES = 1;

    public function __construct(private Practice $practice) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $places = PinSchool::Ticks === $habit->school ? $this->ticks($edge) : $this->evenPins($habit->school, $edge);
        $spacing =
            PinSchool::Ticks === $habit->school
                ? $this->wantedSpacing($habit->school, $edge)
                : $this->actualSpacing($habit->school, $edge);

        return new Attachment(
            HoldingSystem::Pins,
            Piece::row($places, (new PlacingOrder())->fromCentre(\count($places), $edge->hand), $edge),
            $this->worked($spacing, $habit, $edge),
            $edge->held,
            \count($places) * $this->practice->times->each(HoldingSystem::Pins),
            StockCount::missing($habit, \count($places), $spacing),
            notes: [
                Phrase::of(
                    'The outermost pins point inward, all others away from the centre. Run no hand along a pinned ' .
                        'roll.',
                ),
            ],
        );
    }

    /** How far apart the pins of a school are wanted at this edge. */
    public function wantedSpacing(PinSchool $school, Edge $edge): Length
    {
        $wanted = match ($school) {
            PinSchool::EndToEnd => $this->practice->at(Distance::PinLength)->plus(Length::inches(self::AFTER_INCHES)),
            PinSchool::Hand => $this->practice->at(Distance::PinHand),
            PinSchool::Ticks => $this->practice->at(Distance::TickApart),
            PinSchool::Wide => $this->practice->at(Distance::PinWide),
            PinSchool::CloserOnPull => $this->practice->at(
                End::Tail === $edge->end ? Distance::PinPull : Distance::PinHand,
            ),
        };

        return $edge->isWorkedIn ? $wanted->half() : $wanted;
    }

    /** @return list<Length> from left to right, both ends included */
    private function evenPins(PinSchool $school, Edge $edge): array
    {
        $half = $edge->half()->minus($this->practice->at(Distance::PinInset));
        $each = $this->pinsEachSide($school, $edge);

        return array_map(static fn(int $k): Length => $half->scaledBy($k, $each), range(-$each, $each));
    }

    private function pinsEachSide(PinSchool $school, Edge $edge): int
    {
        return max(
            1,
            (int) ceil(
                $edge->half()->minus($this->practice->at(Distance::PinInset))->nanometres /
                    $this->wantedSpacing($school, $edge)->nanometres,
            ),
        );
    }

    private function actualSpacing(PinSchool $school, Edge $edge): Length
    {
        return $edge
            ->half()
            ->minus($this->practice->at(Distance::PinInset))
            ->scaledBy(1, $this->pinsEachSide($school, $edge));
    }

    /** @return list<Length> the two ends, and every tick at least an inch within them */
    private function ticks(Edge $edge): array
    {
        $end = $edge->half()->minus($this->practice->at(Distance::PinInset));
        $step = $this->wantedSpacing(PinSchool::Ticks, $edge);
        $last = max(
            0,
            (int) floor($end->minus(Length::inches(self::TICK_INSIDE_INCHES))->nanometres / $step->nanometres),
        );

        return [
            $end->negated(),
            ...array_map(static fn(int $k): Length => $step->times($k), range(-$last, $last)),
            $end,
        ];
    }

    private function worked(Length $spacing, HoldHabit $habit, Edge $edge): Worked
    {
        return new Worked(
            Figure::measured($spacing),
            PinSchool::Ticks === $habit->school
                ? 'A pin at every tick of the leader that is an inch within the ends, and one at each end.'
                : 'From the centre to just within the end, shared out evenly, no wider than wanted.',
            [
                $edge->held->terms[0] ?? new Term('edge', $edge->held->figure, 'held'),
                new Term(
                    'wanted',
                    Figure::measured($this->wantedSpacing($habit->school, $edge)),
                    $habit->school->words() .
                        ($edge->isWorkedIn ? ', twice as close because the edge is worked in' : ''),
                ),
            ],
        );
    }
}
