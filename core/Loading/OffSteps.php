<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;

/**
 * Off the frame: clamps off, unrolled, detached, looked at, bagged; and the machine set back where basting changed it.
 *
 * @internal
 */
final readonly class OffSteps
{
    /** Beyond the top, for whoever binds it. */
    private const KEPT_INCHES = 1;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add($this->unroll($setup), $this->detach($setup, $sequence->cloth()->holdsEnds()));
        if ($sequence->is(StatePart::Reference, 'in')) {
            $sequence->add($this->pullBasting($setup));
        }
        if ($setup->is(Purpose::Basting)) {
            $sequence->add($this->setMachineBack($setup));
        }
        $sequence->add($this->flat($setup), $this->bag($setup));
    }

    private function unroll(Setup $setup): Step
    {
        return new Step(
            'unroll',
            Group::Off,
            StepKind::Wind,
            new StepText(
                do: Phrase::of(
                    'Side clamps off, ' .
                        ($setup->isClamped() ? 'poles' : 'rollers') .
                        ' slack: unroll the quilt toward you, all %s of it, onto a clean table.',
                    Figure::measured($setup->along()),
                ),
                why: Phrase::of(
                    'Pulled off its ' . ($setup->isClamped() ? 'pole' : 'roller') . ' by one end, it is stretched.',
                ),
                check: Phrase::of('It lies loose, nothing hangs by a thread.'),
                otherwise: Phrase::of('Lift, do not pull.'),
                caution: Phrase::of('Hold the roll before unlocking; straps fly back; a long roll is lifted by two.'),
            ),
            Shown::Side,
            4,
            leaves: [new Setting(StatePart::SideClamps, 'off'), new Setting(StatePart::Firmness, 'slack')],
            does: static fn(ClothState $cloth): ClothState => $cloth->takeAny('side', 'hanging-end', 'loose')->unroll(),
        );
    }

    /** @param int $pieces that hold the ends still: what held the top's tail came off when that was freed */
    private function detach(Setup $setup, int $pieces): Step
    {
        $hold = $setup->system(End::Lead)->words();
        $magnets = $setup->isHeldBy(HoldingSystem::Magnets);
        // Of clips nobody has counted it is not known how many hold an end.
        $isKnown = $pieces > 0 && $setup->pieces(End::Lead)->count > 0 && $setup->pieces(End::Tail)->count > 0;

        return new Step(
            'detach',
            Group::Off,
            StepKind::TakeOff,
            new StepText(
                do: Phrase::of(
                    'Take everything off that holds both ends' .
                        ($isKnown ? ", $pieces pieces, and count them" : '') .
                        ($setup->hasMarks() ? '; the register marks too.' : '.'),
                ),
                why: Phrase::of(
                    $setup->isClamped()
                        ? 'A clamp left on a pole meets the machine.'
                        : 'A pin or clip left in the leader is found by the next quilt.',
                ),
                check: Phrase::of('As many are back in the box as were taken out, those of the lead among them.'),
                otherwise: Phrase::of(
                    $setup->isClamped()
                        ? 'Look along both poles, and under the frame.'
                        : 'Look along both leaders, and under the frame.',
                ),
                figure: $isKnown ? Phrase::of("$pieces pieces") : null,
                caution: Phrase::of(
                    $magnets
                        ? 'Magnets slide apart; pulled apart, they snap back on fingers.'
                        : 'Points and springs: by hand, one by one.',
                ),
            ),
            Shown::LeadRail,
            3 + $pieces * 0.03,
            leaves: [new Setting(StatePart::Pins, '0'), new Setting(StatePart::Tail, 'hanging')],
            does: static fn(ClothState $cloth): ClothState => $cloth->detach(),
        );
    }

    private function setMachineBack(Setup $setup): Step
    {
        return new Step(
            'set-machine-back',
            Group::Off,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    "Tighten the upper tension again and set the stitch back to {$setup->stitches->quiltingPerInch} " .
                        'an inch.',
                ),
                why: Phrase::of('The next quilt would be stitched with loops.'),
                check: Phrase::of('A test shows neither thread on the wrong side.'),
                otherwise: Phrase::of('A quarter turn at a time.'),
                figure: Phrase::of("{$setup->stitches->quiltingPerInch} an inch"),
            ),
            Shown::Bed,
            2,
            leaves: [new Setting(StatePart::Stitch, 'quilting'), new Setting(StatePart::Tension, 'usual')],
        );
    }

    private function pullBasting(Setup $setup): Step
    {
        return new Step(
            'pull-basting',
            Group::Off,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? 'Pull out the reference line; all other basting goes with the quilt.'
                        : 'Pull out the reference line, and any basting that the binding will not hide.',
                ),
                why: Phrase::of('What is forgotten now is found by the client.'),
                check: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? 'No thread lies outside the top.'
                        : 'No basting thread shows on either side.',
                ),
                otherwise: Phrase::of('Snip every hand, pull short lengths.'),
            ),
            Shown::Basting,
            4,
            leaves: [new Setting(StatePart::Reference, 'none')],
            does: static fn(ClothState $cloth): ClothState => $cloth->pick(LineKind::Reference->value),
        );
    }

    private function flat(Setup $setup): Step
    {
        $isBasting = $setup->is(Purpose::Basting);

        return new Step(
            'flat',
            Group::Off,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    $isBasting
                        ? 'Lay it flat and look for tucks on both sides.'
                        : 'Lay it flat: does an edge curl to the back or to the front, is it rippled?',
                ),
                why: Phrase::of(
                    $isBasting
                        ? 'A tuck basted in is a tuck quilted in.'
                        : 'It tells which layer was the firmer, for next time.',
                ),
                check: Phrase::of('It lies as flat as it was drawn.'),
                otherwise: Phrase::of(
                    $isBasting
                        ? 'Take the basting out there and baste by hand.'
                        : 'Write down what it does, and where.',
                ),
            ),
            Shown::Bed,
            2,
        );
    }

    private function bag(Setup $setup): Step
    {
        $staysBasted = $setup->is(Purpose::Basting);

        return new Step(
            'bag',
            Group::Off,
            StepKind::TakeOff,
            $staysBasted ? $this->keptText($setup) : $this->bagText(),
            Shown::Bed,
            $staysBasted ? 4 : 6,
            leaves: [new Setting(StatePart::Reference, 'none')],
        );
    }

    /** Basted and taken off, it is loaded once more by its backing: its margins stay, and a card goes with it. */
    private function keptText(Setup $setup): StepText
    {
        $laid = $setup->plan->chosenPlan()->backing->laid;

        return new StepText(
            do: Phrase::of(
                'Trim nothing: it is loaded again by its backing. Write lead and tail on its margins, and roll it loosely, ' .
                    'top side out, with its reload card.',
            ),
            why: Phrase::of(
                'The margins hold it the next time: %s at the lead and %s at the tail.',
                $laid->lead->figure,
                $laid->tail->figure,
            ),
            check: Phrase::of('Lead and tail are marked on the backing; the card says how it is basted.'),
            otherwise: Phrase::of('A margin that was cut off is sewn on again as a strip before it is loaded.'),
        );
    }

    private function bagText(): StepText
    {
        return new StepText(
            do: Phrase::of(
                'Trim if it was asked for, keeping %s, and bag it with its left-over backing and batting and its label.',
                Figure::measured(Length::inches(self::KEPT_INCHES)),
            ),
            why: Phrase::of('The client binds it, and the leftovers are theirs.'),
            check: Phrase::of('Label, quilt and leftovers in one bag.'),
            otherwise: Phrase::of('Write the title on what does not fit.'),
        );
    }
}
