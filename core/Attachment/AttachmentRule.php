<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/** Rule 14: where each pin, clip, clamp, zip or magnet of an edge goes, in which order, and whether they suffice. */
final readonly class AttachmentRule
{
    public function __construct(private HoldTimes $times = new HoldTimes())
    {
    }

    /** Null where clips are to be planned and nobody knows which there are. */
    public function plan(HoldingSystem $system, HoldHabit $habit, Edge $edge): ?Attachment
    {
        return match ($system) {
            HoldingSystem::Pins => $this->pins($habit, $edge),
            HoldingSystem::Zip => $this->zip($habit, $edge),
            HoldingSystem::ChannelClips => [] === $habit->stock ? null : $this->clips($habit, $edge),
            HoldingSystem::DowelClamps => $this->dowelClamps($habit, $edge),
            HoldingSystem::Magnets => $this->magnets($habit, $edge),
            HoldingSystem::HookAndLoop => $this->strip($edge),
            HoldingSystem::SpringClamps => $this->springClamps($habit, $edge),
        };
    }

    /** How far apart the pins of a school are wanted at this edge. */
    public function wantedSpacing(PinSchool $school, Edge $edge): Length
    {
        $wanted = Length::inches(match ($school) {
            PinSchool::EndToEnd => 2,
            PinSchool::Hand => 4,
            PinSchool::Ticks => 5,
            PinSchool::Wide => 6,
            PinSchool::CloserOnPull => End::Tail === $edge->end ? 3 : 4,
        });

        return $edge->isWorkedIn ? $wanted->half() : $wanted;
    }

    private function pins(HoldHabit $habit, Edge $edge): Attachment
    {
        $places = PinSchool::Ticks === $habit->school ? $this->ticks($edge) : $this->evenPins($habit->school, $edge);
        $spacing = PinSchool::Ticks === $habit->school ? Length::inches(5) : $this->actualSpacing($habit->school, $edge);

        return new Attachment(
            HoldingSystem::Pins,
            $this->points($places, (new PlacingOrder())->fromCentre(\count($places), $edge->hand), $edge),
            $this->worked($spacing, $habit, $edge),
            $edge->held,
            \count($places) * $this->times->each(HoldingSystem::Pins),
            $this->tooFew($habit, \count($places), $spacing),
            notes: [Phrase::of('The outermost pins point inward, all others away from the centre. Run no hand along a pinned roll.')],
        );
    }

    /** @return list<Length> from left to right, both ends included */
    private function evenPins(PinSchool $school, Edge $edge): array
    {
        $half = $edge->half()->minus(self::inset());
        $each = $this->pinsEachSide($school, $edge);

        return array_map(static fn (int $k): Length => $half->scaledBy($k, $each), range(-$each, $each));
    }

    private function pinsEachSide(PinSchool $school, Edge $edge): int
    {
        return max(1, (int) ceil($edge->half()->minus(self::inset())->nanometres / $this->wantedSpacing($school, $edge)->nanometres));
    }

    private function actualSpacing(PinSchool $school, Edge $edge): Length
    {
        return $edge->half()->minus(self::inset())->scaledBy(1, $this->pinsEachSide($school, $edge));
    }

    /** @return list<Length> the two ends, and every tick at least an inch within them */
    private function ticks(Edge $edge): array
    {
        $end = $edge->half()->minus(self::inset());
        $step = $edge->isWorkedIn ? 2.5 : 5;
        $last = (int) floor($end->minus(Length::inches(1))->nanometres / Length::inches($step)->nanometres);

        return [$end->negated(), ...array_map(static fn (int $k): Length => Length::inches($k * $step), range(-max(0, $last), max(0, $last))), $end];
    }

    private static function inset(): Length
    {
        return Length::inches(0.25);
    }

    private function worked(Length $spacing, HoldHabit $habit, Edge $edge): Worked
    {
        return new Worked(
            Figure::measured($spacing),
            PinSchool::Ticks === $habit->school ? 'A pin at every tick of the leader that is an inch within the ends, and one at each end.' : 'From the centre to a quarter inch within the end, shared out evenly, no wider than wanted.',
            [
                $edge->held->terms[0] ?? new Term('edge', $edge->held->figure, 'held'),
                new Term('wanted', Figure::measured($this->wantedSpacing($habit->school, $edge)), 'school '.$habit->school->value.($edge->isWorkedIn ? ', twice as close because the edge is worked in' : '')),
            ],
        );
    }

    private function zip(HoldHabit $habit, Edge $edge): Attachment
    {
        $pins = $this->pins(new HoldHabit($habit->school), $edge);
        $longest = array_reduce($habit->stock, static fn (?Length $most, StockPiece $zip): Length => null === $most ? $zip->length : Length::longest($most, $zip->length));
        $isShort = null !== $longest && $longest->isShorterThan($edge->length());

        return new Attachment(
            HoldingSystem::Zip,
            [new Piece($edge->position->minus($edge->half()), $edge->position->plus($edge->half()), 1)],
            $pins->spacing,
            $edge->held,
            $this->times->each(HoldingSystem::Zip),
            $isShort ? new Worked(Figure::missing($edge->length()->minus($longest)), 'The longest zip at hand is shorter than the edge.', [new Term('edge', $edge->held->figure, 'held'), new Term('longest zip', Figure::left($longest), 'stock')]) : null,
            notes: [Phrase::of('The zip is at least %s long, its centre on the centre mark. The cloth is pinned to it off the frame, while another quilt is stitched.', Figure::needed($edge->length()))],
            pinned: $pins->pieces,
        );
    }

    private function clips(HoldHabit $habit, Edge $edge): Attachment
    {
        $leader = $edge->leader ?? $edge->length()->plus(Length::inches(8));
        $wanted = $edge->length()->plus(Length::inches(8));
        $least = Length::shortest($edge->length()->plus(Length::inches(2)), $leader);
        $choice = new ClipChoice();
        $run = $choice->choose($habit->stock, $wanted, $least, $leader);
        if (null === $run) {
            return new Attachment(HoldingSystem::ChannelClips, [], null, $edge->held, 0, $this->missing($least, $choice->longestRun($habit->stock, $leader), $edge));
        }
        $pieces = $this->laid($run, $edge);

        return new Attachment(HoldingSystem::ChannelClips, $pieces, null, $edge->held, \count($pieces) * $this->times->each(HoldingSystem::ChannelClips));
    }

    private function missing(Length $least, Length $longest, Edge $edge): Worked
    {
        return new Worked(Figure::missing($least->minus($longest)), 'The least cover, two inches more than the edge and no more than the leader, less the longest run that the clips at hand can make.', [
            new Term('edge', $edge->held->figure, 'held'),
            new Term('least cover', Figure::needed($least), 'edge and 2 in'),
            new Term('longest run', Figure::left($longest), 'stock, within the leader'),
        ]);
    }

    /**
     * In pairs from outside in, the longest outside; what has no partner lies in the middle.
     *
     * @param list<Length> $run longest first
     *
     * @return list<Piece>
     */
    private function laid(array $run, Edge $edge): array
    {
        [$outside, $middle] = [[], []];
        for ($i = 0; $i < \count($run); ++$i) {
            if (isset($run[$i + 1]) && 0 === $run[$i]->compareTo($run[$i + 1])) {
                $outside[] = $run[$i++];
            } else {
                $middle[] = $run[$i];
            }
        }
        $row = [...$outside, ...$middle, ...array_reverse($outside)];
        $from = $this->withinLeader($edge, Length::zero()->plus(...$row));
        $orders = (new PlacingOrder())->fromCentre(\count($row), $edge->hand);
        $pieces = [];
        foreach ($row as $i => $length) {
            $pieces[] = new Piece($from, $from->plus($length), $orders[$i]);
            $from = $from->plus($length);
        }

        return $pieces;
    }

    /** Where a run begins: centred on the edge, moved as far as it takes to stay on the leader. */
    private function withinLeader(Edge $edge, Length $run): Length
    {
        $wanted = $edge->position->minus($run->half());
        $half = $edge->leader?->half();

        return null === $half ? $wanted : Length::longest($half->negated(), Length::shortest($wanted, $half->minus($run)));
    }

    private function dowelClamps(HoldHabit $habit, Edge $edge): Attachment
    {
        $length = $habit->stock[0]->length ?? Length::inches(4);
        $gap = Length::inches(0.5);
        $count = max(1, (int) ceil($edge->length()->plus($gap)->nanometres / $length->plus($gap)->nanometres));
        $free = 1 === $count ? Length::zero() : $edge->length()->minus($length->times($count))->scaledBy(1, $count - 1);
        $free = Length::longest(Length::zero(), Length::shortest($gap, $free));
        $step = $length->plus($free);
        $first = $step->times($count - 1)->half()->negated();
        $orders = (new PlacingOrder())->fromCentre($count, $edge->hand);
        $pieces = array_map(static function (int $i) use ($first, $step, $length, $orders, $edge): Piece {
            $centre = $edge->position->plus($first, $step->times($i));

            return new Piece($centre->minus($length->half()), $centre->plus($length->half()), $orders[$i]);
        }, range(0, $count - 1));

        return new Attachment(HoldingSystem::DowelClamps, $pieces, new Worked(Figure::measured($step), 'Clamps no more than half an inch apart, spread evenly over the edge.', [
            new Term('clamp', Figure::measured($length), [] === $habit->stock ? 'usual' : 'stock'),
            new Term('gap', Figure::measured($free), 'shared out'),
        ]), $edge->held, $count * $this->times->each(HoldingSystem::DowelClamps), notes: [Phrase::of('They need a casing with its dowel in the leader. The end clamps may sit partly on bare leader.')], missing: $this->tooFew($habit, $count, $length));
    }

    private function magnets(HoldHabit $habit, Edge $edge): Attachment
    {
        $wanted = Length::inches(PinSchool::Wide === $habit->school ? 6 : 4);
        $each = max(1, (int) ceil($edge->half()->nanometres / $wanted->nanometres));
        $places = array_map(static fn (int $k): Length => $edge->half()->scaledBy($k, $each), range(-$each, $each));

        return new Attachment(
            HoldingSystem::Magnets,
            $this->points($places, (new PlacingOrder())->byHalving(\count($places)), $edge),
            new Worked(Figure::measured($edge->half()->scaledBy(1, $each)), 'From the centre to the end, shared out evenly, no wider than wanted.', [new Term('edge', $edge->held->figure, 'held'), new Term('wanted', Figure::measured($wanted), 'magnets')]),
            $edge->held,
            \count($places) * $this->times->each(HoldingSystem::Magnets),
            $this->tooFew($habit, \count($places), $wanted),
            notes: [Phrase::of('Strong magnets pinch: set each down edge first. Keep them away from implanted medical devices (ask the doctor or the maker of the device), from cards and electronics, and off the bars that must turn.')],
        );
    }

    private function strip(Edge $edge): Attachment
    {
        return new Attachment(
            HoldingSystem::HookAndLoop,
            [new Piece($edge->position->minus($edge->half()), $edge->position->plus($edge->half()), 1)],
            null,
            $edge->held,
            $this->times->each(HoldingSystem::HookAndLoop),
            notes: [Phrase::of('The strip is at least %s long; press from the centre out.', Figure::needed($edge->length()))],
        );
    }

    private function springClamps(HoldHabit $habit, Edge $edge): Attachment
    {
        $count = max(3, (int) ceil($edge->length()->nanometres / Length::inches(16)->nanometres) + 1);
        $places = array_map(static fn (int $i): Length => $edge->length()->scaledBy(2 * $i - ($count - 1), 2 * ($count - 1)), range(0, $count - 1));

        return new Attachment(
            HoldingSystem::SpringClamps,
            $this->points($places, (new PlacingOrder())->byHalving($count, true), $edge),
            new Worked(Figure::measured($edge->length()->scaledBy(1, $count - 1)), 'A clamp for every 16 in and one more, at least three, shared out from end to end.', [new Term('edge', $edge->held->figure, 'held')]),
            $edge->held,
            $count * $this->times->each(HoldingSystem::SpringClamps),
            notes: [Phrase::of('Spring clamps fly back: open and close them by hand.')],
            missing: $this->tooFew($habit, $count, null),
        );
    }

    /** Counted pieces that are too few; the figure is the edge that stays without. */
    private function tooFew(HoldHabit $habit, int $count, ?Length $length): ?Worked
    {
        $there = array_sum(array_map(static fn (StockPiece $piece): int => $piece->count, $habit->stock));
        if ([] === $habit->stock || $there >= $count) {
            return null;
        }

        return new Worked(Figure::missing(($length ?? Length::inches(16))->times($count - $there)->roundedTo(Length::inches(1), Rounding::Up)), "There are $there, $count are wanted.", []);
    }

    /**
     * @param list<Length> $places from left to right
     * @param list<int>    $orders
     *
     * @return list<Piece>
     */
    private function points(array $places, array $orders, Edge $edge): array
    {
        return array_map(static fn (Length $place, int $order): Piece => Piece::at($place->plus($edge->position), $order), $places, $orders);
    }
}
