<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Move;
use Schwung\Core\Advance\MoveKind;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\Purpose;

/**
 * The moves sideways within a pass on a clamp frame.
 *
 * @internal
 */
final readonly class MoveSteps
{
    public function sideways(Setup $setup, Wind $wind): MovesOfPass
    {
        if (!$setup->isInSections()) {
            return new MovesOfPass(null, []);
        }
        $ofPass = array_values(
            array_filter($setup->winding->moves, static fn(Move $move): bool => $move->pass === $wind->number),
        );
        $forward = array_values(
            array_filter($ofPass, static fn(Move $move): bool => MoveKind::Forward === $move->kind),
        );
        $sideways = array_values(
            array_filter($ofPass, static fn(Move $move): bool => MoveKind::Sideways === $move->kind),
        );
        $steps = [];
        foreach ($sideways as $i => $move) {
            $steps[$move->section] = $this->step($setup, $wind, $move, $i === array_key_last($sideways));
        }

        return new MovesOfPass([] === $forward ? 1 : $forward[0]->section, $steps);
    }

    /** @return list<string> the ends whose pins a move of this pass brings within reach */
    private function pinned(Setup $setup, Wind $wind): array
    {
        $bringsTail =
            $wind->turnsBefore ||
            ($wind->number === $setup->lastHoldPass() && LastEdge::ByBlock !== $setup->habits->lastEdge);

        return [...1 === $wind->number ? ['its far edge'] : [], ...$bringsTail ? ['its tail edge'] : []];
    }

    /**
     * What comes within reach is basted, and no pin of it stays in.
     *
     * @param list<string> $pinned
     */
    private function baste(Setup $setup, Wind $wind, int $section, array $pinned): ?string
    {
        $hasSide = \in_array($section, [1, \count($setup->winding->sections)], true);
        $edges = [...$pinned, ...$hasSide ? [[] === $pinned ? 'its new side' : 'its side'] : []];
        $last = array_pop($edges);
        if (null === $last) {
            return null;
        }
        $pins = \count($pinned) * (new SectionPins($setup, $wind->fromTail))->in($section);

        return 'Baste ' .
            ([] === $edges ? '' : implode(', ', $edges) . ' and ') .
            $last .
            match ($pins) {
                0 => '.',
                1 => ', and take its pin out.',
                default => ", and take its $pins pins out.",
            };
    }

    private function step(Setup $setup, Wind $wind, Move $move, bool $isLast): Step
    {
        $isPrebasted = $setup->is(Purpose::Prebasted);
        $isLong = !$isPrebasted && 'basting' === $setup->bastingState();
        $at = $isLong ? " at {$setup->bastingStitches()} stitches an inch" : '';
        $pinned = $isPrebasted ? [] : $this->pinned($setup, $wind);
        $baste = $isPrebasted ? null : $this->baste($setup, $wind, $move->section, $pinned);
        $far = Figure::measured($move->distance->absolute());

        return new Step(
            "pass-$wind->number-move-section-$move->section",
            Group::Pass,
            StepKind::Move,
            new StepText(
                do: Phrase::joined(
                    Phrase::of(
                        $isPrebasted
                            ? 'Mark the border of this section.'
                            : "Baste a datum$at: a line at the border of this section and along the foot of the window.",
                    ),
                    $move->title(),
                    ...null === $baste ? [] : [Phrase::of($baste)],
                ),
                why: Phrase::of(
                    'The needle does not reach the whole width: all sections of a band come before the advance.',
                ),
                check: Phrase::joined($move->alignTo, Phrase::of('The design meets itself over the border.')),
                otherwise: Phrase::of('Let the end clamps off on one side and shift until it does.'),
                figure: Phrase::of('%s ' . ($move->distance->isNegative() ? 'right' : 'left'), $far),
                caution: Phrase::of("Let off by hand, never all at once: $move->released"),
            ),
            Shown::Pass,
            $isPrebasted ? 4 : 5.5,
            needs: [new Setting(StatePart::Pins, '0'), new Setting(StatePart::Poles, 'held')],
            leaves: [
                new Setting(StatePart::SideClamps, 'on'),
                new Setting(StatePart::Poles, 'held'),
                ...$isLong ? [new Setting(StatePart::Stitch, 'quilting')] : [],
            ],
            pass: $wind->number,
            does: $isPrebasted
                ? static fn(ClothState $cloth): ClothState => $cloth
                : $this->does("datum-$wind->number-$move->section", $isLast ? $pinned : []),
            ticks: array_map(Phrase::of(...), [
                ...$isPrebasted ? [] : ['The datum basted, at the border and along the foot.'],
                'All clamps off but one at the back, and laid beside the frame, not on it.',
                'Slid over, clamps on again, both ends and sides.',
                ...$isPrebasted ? [] : ['Lined up by the datum; the datum pulled before it is crossed.'],
                ...null === $baste ? [] : ['What came within reach basted.'],
                ...[] === $pinned ? [] : ['Its pins counted out.'],
                ...$isLong ? ["The stitch set back to {$setup->stitches->quiltingPerInch} an inch."] : [],
                'The overlap of the design looked at.',
            ]),
        );
    }

    /**
     * @param list<string> $pinned the ends of which no pin is left once it is made
     *
     * @return \Closure(ClothState): ClothState
     */
    private function does(string $datum, array $pinned): \Closure
    {
        $line = new LineIn(LineKind::Datum, null, false);
        $beyond = [] === $pinned ? [] : ['layers-beyond', 'tail-beyond'];

        return static fn(
            ClothState $cloth,
        ): ClothState => $cloth->takeAny(...$beyond)->baste($datum, $line)->pick($datum);
    }
}
