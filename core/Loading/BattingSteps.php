<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\BattingHold;

/**
 * The batting over the backing, and the line basted across it that everything else is straight by.
 *
 * @internal
 */
final readonly class BattingSteps
{
    private const PINS = 7;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        if ($setup->leavesAGap()) {
            $sequence->add($this->lift($setup), $this->lay($setup), $this->lower($setup));
        } else {
            $sequence->add($this->lay($setup));
        }
        if (BattingHold::Pinned === $setup->habits->batting && !$setup->isHeldThrough()) {
            $sequence->add($this->pin($sequence));
        }
        if ($setup->hasReference()) {
            if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
                $sequence->add(Stitching::setBasting($setup, Group::Batting));
            }
            $at = (new Places($setup))->reference();
            $sequence->add(
                ...$setup->hasLock()
                    ? [Stitching::lock($sequence, $setup, Group::Batting, 'lock', $at, 'the line')]
                    : [],
                ...[$this->reference($setup, $at)],
            );
        }
        if ($setup->isBastedAllOver()) {
            $this->addAllOver($sequence, $setup);
        }
    }

    private function lift(Setup $setup): Step
    {
        return new Step(
            'lift-top',
            Group::Batting,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    'Lift the top roller onto its raised places, or throw the hanging top back over it: the batting ' .
                        'goes through the gap below.',
                ),
                why: Phrase::of('The batting belongs between the two, and the top is on its roller already.'),
                check: Phrase::of('The roller lies safely at both ends; the backing is bare from bar to bar.'),
                otherwise: Phrase::of('Too heavy, or no raised place: throw the top back instead.'),
                caution: Phrase::of('A loaded roller is heavy: one end after the other, or two people.'),
            ),
            Shown::Side,
            1,
            needs: [new Setting(StatePart::Top, 'held')],
            does: static fn(ClothState $cloth): ClothState => $cloth->liftTop(),
            school: $setup->habits->order,
        );
    }

    private function lower(Setup $setup): Step
    {
        return new Step(
            'lower-top',
            Group::Batting,
            StepKind::Set,
            new StepText(
                do: Phrase::of('Lower the top roller into its place, or let the top hang over the front again.'),
                why: Phrase::of('Lifted, it would draw the top up from the batting.'),
                check: Phrase::of('The batting has not moved; the end of the top hangs free above it.'),
                otherwise: Phrase::of('Lift again and smooth from the centre out.'),
                caution: Phrase::of('Fingers clear of the brackets.'),
            ),
            Shown::Side,
            0.5,
            needs: [new Setting(StatePart::Top, 'held')],
            does: static fn(ClothState $cloth): ClothState => $cloth->lowerTop(),
            school: $setup->habits->order,
        );
    }

    /** Through the gap it goes from the side where more of the rail is free; hung on the centre, from the hand's. */
    private function through(Setup $setup): string
    {
        $side = match (true) {
            $setup->position->isNegative() => 'right',
            $setup->position->isPositive() => 'left',
            default => $setup->firstSide(),
        };

        return "Lean on the front bar so that it stays still, and feed the batting through the gap from the $side. ";
    }

    private function lay(Setup $setup): Step
    {
        $batting = $setup->plan->batting;
        $below = (new Places($setup))->batting();
        $isAtHold = !$below->isPositive();
        $overTop = Figure::measured((new Places($setup))->top()->minus($below));
        $over =
            null === $batting
                ? Length::zero()
                : ($batting->trimTo ?? $batting->layAcross)->minus($setup->across())->half();

        return new Step(
            'lay-batting',
            Group::Batting,
            StepKind::Lay,
            new StepText(
                do: Phrase::of(
                    ($setup->leavesAGap() ? $this->through($setup) : '') .
                        'Lay the batting on, straightest edge to the lead, scratchy side to the backing: ' .
                        ($isAtHold
                            ? 'its edge at the lead hold, and %s over the top at both sides.'
                            : '%s from the lead hold, which is %s over the top, and %s over it at both sides.'),
                    ...$isAtHold ? [] : [Figure::measured($below), $overTop],
                    ...[Figure::measured($over)],
                ),
                why: Phrase::of(
                    'Its soft side lies toward the top' .
                        ($setup->isHeldThrough() ? '.' : ', and none of it gets into the roll of the leader.'),
                ),
                check: Phrase::joined(
                    Phrase::of('Its centre lies on'),
                    $setup->mark(),
                    Phrase::of('and the backing shows on both sides.'),
                ),
                otherwise: Phrase::of('Lift and lay it again: batting that is pushed keeps the push.'),
                figure: $isAtHold
                    ? Phrase::of('at the hold')
                    : Phrase::of('%s from the hold', Figure::measured($below)),
                caution: Phrase::of('Never wider than the backing: it can be drawn into the carriage.'),
            ),
            Shown::Bed,
            3,
            needs: [...Stitching::held($setup)],
            does: static fn(ClothState $cloth): ClothState => $cloth->layBatting($below),
        );
    }

    private function pin(Sequence $sequence): Step
    {
        return new Step(
            'pin-batting',
            Group::Batting,
            StepKind::Hold,
            new StepText(
                do: Phrase::of(
                    'Pin the batting to the backing along its lead edge with ' .
                        self::PINS .
                        ' pins, heads toward you.',
                ),
                why: Phrase::of('Nothing else keeps it until the top is basted.'),
                check: Phrase::of('The edge lies straight; ' . self::PINS . ' pins are counted in.'),
                otherwise: Phrase::of('Pin again from the centre.'),
                figure: Phrase::of(self::PINS . ' pins'),
                caution: Phrase::of('No pin in the path of the needle.'),
            ),
            Shown::Bed,
            1,
            leaves: [new Setting(StatePart::Pins, (string) ($sequence->state()->pins() + self::PINS))],
            does: static fn(ClothState $cloth): ClothState => $cloth->put(
                'batting',
                new Pieces('pins', self::PINS, Where::Bed),
            ),
            school: BattingHold::Pinned,
        );
    }

    private function reference(Setup $setup, Length $at): Step
    {
        $before = (new BastingRule())->referenceBefore($setup);
        $how = $setup->hasLock()
            ? 'Baste one line straight across the batting'
            : 'Lay a tape across the batting and baste one line along it';
        $way = ', ' . Stitching::way($setup) . ', %s from the lead hold';
        $free = $setup->hasLock()
            ? ' Unlock.'
            : ' The machine may be pushed against the rear bar instead, where that gives this line.';
        $do = $before->isPositive()
            ? Phrase::of(
                "$how$way: the top will begin %s below it.$free",
                Figure::measured($at),
                Figure::measured($before),
            )
            : Phrase::of("$how$way, where the top will begin.$free", Figure::measured($at));

        return new Step(
            'reference',
            Group::Batting,
            StepKind::Baste,
            new StepText(
                do: $do,
                why: Phrase::of('It is the one straight line that all else is laid by.'),
                check: Phrase::of(
                    'It runs parallel to the rail from end to end' .
                        ($setup->hasLock() ? '; the head moves both ways again.' : '.'),
                ),
                otherwise: Phrase::of(
                    'Pull it out and stitch it again' .
                        ($setup->hasLock()
                            ? ' with both wheels in their tracks.'
                            : ' along a tape that lies straight.'),
                ),
                figure: Phrase::of('%s from the hold', Figure::measured($at)),
            ),
            Shown::Basting,
            1.5,
            needs: [
                ...$setup->hasLock()
                    ? [new Setting(StatePart::ChannelLock, 'across'), new Setting(StatePart::Bobbin, 'raised')]
                    : [],
                new Setting(StatePart::Stitch, $setup->bastingState()),
            ],
            leaves: [new Setting(StatePart::Reference, 'in'), new Setting(StatePart::ChannelLock, 'off')],
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->baste(LineKind::Reference->value, new LineIn(LineKind::Reference, $at, false))
                ->unlock(),
            school: $setup->habits->farEdge,
        );
    }

    private function addAllOver(Sequence $sequence, Setup $setup): void
    {
        if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
            $sequence->add(Stitching::setBasting($setup, Group::Batting));
        }
        $hand = Figure::measured($setup->spacing());
        $sequence->add(
            new Step(
                'all-over',
                Group::Batting,
                StepKind::Baste,
                new StepText(
                    do: Phrase::of(
                        'Baste the batting to the backing all over the bed, in lines across %s apart, their ends left hanging ' .
                            'out at the sides.',
                        $hand,
                    ),
                    why: Phrase::of(
                        $setup->isStretchy()
                            ? 'On a stretchy backing the batting slides. The ends are there to pull the lines out by.'
                            : 'On a slippery backing the batting slides. The ends are there to pull the lines out by.',
                    ),
                    check: Phrase::of('Pushed with a fingertip, the batting stays.'),
                    otherwise: Phrase::of('Another line between.'),
                    figure: Phrase::of('%s apart', $hand),
                ),
                Shown::Basting,
                6,
                needs: [
                    new Setting(StatePart::ChannelLock, 'off'),
                    new Setting(StatePart::Stitch, $setup->bastingState()),
                ],
                does: static fn(ClothState $cloth): ClothState => $cloth->baste(
                    'all-over-1',
                    new LineIn(LineKind::AllOver, null, false),
                ),
                school: BattingHold::AllOver,
            ),
        );
        if ($sequence->state()->pins() > 0) {
            $sequence->add(
                Stitching::pinsOut($sequence->state()->pins(), Group::Batting, 'pins-out-batting', 'batting'),
            );
        }
    }
}
