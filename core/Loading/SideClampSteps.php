<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\ClampFirmness;
use Schwung\Core\Practice\Practice;

/**
 * The side clamps, and the last look before the first stitch.
 *
 * @internal
 */
final readonly class SideClampSteps
{
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        if (!$sequence->is(StatePart::SideClamps, 'on')) {
            $sequence->add($this->clamp($setup));
        }
        $sequence->add($this->clearPath($setup));
    }

    public function clamp(Setup $setup): Step
    {
        $firm = ClampFirmness::Firm === $setup->habits->clampFirmness;
        $pull = match (true) {
            $setup->isStretchy() => ', hardly pulling: the cloth stretches',
            $firm => ', firm, with the same pull on each',
            default => ', just straight',
        };
        $plan = $setup->sideClamps();
        [$pieces, $each] = [$plan->pieces, $plan->each];
        $what = 1 === $each ? "one of the {$pieces->kind}" : "$each {$pieces->kind}";

        return new Step(
            'side-clamps',
            Group::Clamps,
            StepKind::Clamp,
            new StepText(
                do: Phrase::of(
                    "Put $what on each side, on {$setup->habits->clampGrip->words()}, {$setup->firstSide()} side first$pull.",
                ),
                why: Phrase::of(
                    ucfirst($setup->habits->clampFirmness->reason()) .
                        '. %s stay free between two bites; there the side draws in by about %s (an estimate)' .
                        ($plan->isShort() ? ", for want of more: $plan->wanted each side would be better" : '') .
                        '.',
                    Figure::measured($plan->gap),
                    Figure::measured($plan->dip),
                ),
                check: $setup->isStretchy()
                    ? Phrase::of('Let one off again: the cloth jumps back by no more than %s.', self::jump())
                    : Phrase::of('The sides stay straight lines, not scallops.'),
                otherwise: Phrase::of('Wider bites, or a rod along the side; let the strap off.'),
                figure: Phrase::of("$each each side"),
                caution: Phrase::of('Elastic straps fly back: let them off by hand.'),
            ),
            Shown::Bed,
            1,
            needs: [new Setting(StatePart::ChannelLock, 'off'), ...Stitching::held($setup)],
            leaves: [new Setting(StatePart::SideClamps, 'on')],
            reads: $setup->isStretchy() ? ReadingKind::Release : ReadingKind::None,
            does: static fn(ClothState $cloth): ClothState => $cloth->put('side', $pieces),
            school: $setup->habits->clampTime,
        );
    }

    private function clearPath(Setup $setup): Step
    {
        $magnets = $setup->isHeldBy(HoldingSystem::Magnets) ? ' No magnet lies in its way or on a bar.' : '';
        $last = 2 === $setup->lastHoldPass() ? LastEdgeSteps::ahead($setup) : null;

        return new Step(
            'clear-path',
            Group::Clamps,
            StepKind::Look,
            new StepText(
                do: Phrase::joined(
                    Phrase::of(
                        'With the needle up, push the head through the whole bed and feel both layers at left, centre ' .
                            'and right.',
                    ),
                    $this->test($setup),
                ),
                why: Phrase::of('A clamp or pin in the path stops the machine in the middle of a curve.' . $magnets),
                check: Phrase::of('Nothing touches; firm with give, the same in both layers.'),
                otherwise: Phrase::of(
                    "Lift a strap that is in the way: a stick over the {$setup->front()}, under the strap, over the " .
                        ($setup->isClamped() ? 'back pole. ' : 'rear bar. ') .
                        'Let off or take up a click.',
                ),
                figure: null,
                caution: $last,
            ),
            Shown::Pass,
            1.5,
            needs: [new Setting(StatePart::SideClamps, 'on'), new Setting(StatePart::Pins, '0')],
            reads: ReadingKind::Firmness,
            pass: 1,
        );
    }

    private function test(Setup $setup): Phrase
    {
        $room = $setup->testRoom();

        return null === $room
            ? Phrase::of('There is no room to test beside the top: go by the test on the scrap.')
            : Phrase::of(
                "Test once more $room->place: %s of backing and batting lie free.",
                Figure::left($room->width),
            );
    }

    /** How far cloth may jump when a clamp is let off. */
    public static function jump(): Figure
    {
        return Figure::measured(Length::inches(Practice::JUMP_INCHES));
    }
}
