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
        $sequence->add($this->lay($setup));
        if (BattingHold::Pinned === $setup->habits->batting) {
            $sequence->add($this->pin($sequence));
        } else {
            if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
                $sequence->add(Stitching::setBasting($setup, Group::Batting));
            }
            $sequence->add(Stitching::lock($sequence, Group::Batting), $this->reference($setup));
        }
        if (BattingHold::AllOver === $setup->habits->batting || $setup->isSlippery()) {
            $this->addAllOver($sequence, $setup);
        }
    }

    private function lay(Setup $setup): Step
    {
        $batting = $setup->plan->batting;
        $below = Length::inches(0.5);
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
                    'Lay the batting on, scratchy side to the backing, %s below the attachment and %s over the top ' .
                        'at both sides.',
                    Figure::measured($below),
                    Figure::measured($over),
                ),
                why: Phrase::of('Its soft side lies toward the top, and none of it gets into the roll of the leader.'),
                check: Phrase::of('Centre mark on centre mark; the backing shows on both sides.'),
                otherwise: Phrase::of('Lift and lay it again: batting that is pushed keeps the push.'),
                figure: Phrase::of('%s below', Figure::measured($below)),
                caution: Phrase::of('Never wider than the backing: it can be drawn into the carriage.'),
            ),
            Shown::Bed,
            3,
            needs: [...Stitching::held($setup)],
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
        );
    }

    private function reference(Setup $setup): Step
    {
        $before = (new BastingRule())->referenceBefore($setup);
        $at = $before->isPositive()
            ? Phrase::of(
                'Baste one line straight across the batting, %s above where the top will begin.',
                Figure::measured($before),
            )
            : Phrase::of('Baste one line straight across the batting where the top will begin.');

        return new Step(
            'reference',
            Group::Batting,
            StepKind::Baste,
            new StepText(
                do: $at,
                why: Phrase::of('It is the one straight line that all else is laid by.'),
                check: Phrase::of('It runs parallel to the rail from end to end.'),
                otherwise: Phrase::of('Pull it out and stitch it again with both wheels in their tracks.'),
                figure: Phrase::of($setup->bastingStitches() . ' an inch'),
            ),
            Shown::Basting,
            1.5,
            needs: [
                new Setting(StatePart::ChannelLock, 'across'),
                new Setting(StatePart::Bobbin, 'raised'),
                new Setting(StatePart::Stitch, $setup->bastingState()),
            ],
            leaves: [new Setting(StatePart::Reference, 'in')],
        );
    }

    private function addAllOver(Sequence $sequence, Setup $setup): void
    {
        if ($sequence->is(StatePart::ChannelLock, 'across')) {
            $sequence->add(Stitching::unlock(Group::Batting));
        }
        if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
            $sequence->add(Stitching::setBasting($setup, Group::Batting));
        }
        $hand = Figure::measured(Length::inches(BastingRule::HAND_INCHES));
        $sequence->add(
            new Step(
                'all-over',
                Group::Batting,
                StepKind::Baste,
                new StepText(
                    do: Phrase::of(
                        'Baste the batting to the backing all over the bed, lines %s apart, before the top goes on.',
                        $hand,
                    ),
                    why: Phrase::of(
                        $setup->isStretchy()
                            ? 'On a stretchy backing the batting slides.'
                            : 'On a slippery backing the batting slides.',
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
            ),
        );
        if ($sequence->state()->pins() > 0) {
            $sequence->add(Stitching::pinsOut($sequence->state()->pins(), Group::Batting, 'pins-out-batting'));
        }
    }
}
