<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\BorderPass;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\Purpose;

/**
 * A quilt turned round in the middle, or turned so that a border lies along the rails: off, round, and on again.
 *
 * @internal
 */
final readonly class TurnSteps
{
    /** @param int|null $section where the pass begins; null where the whole width is in reach */
    public function addTo(Sequence $sequence, Setup $setup, Wind $wind, ?int $section): void
    {
        $sequence->add(
            $this->off($setup, $wind),
            $this->on($setup, $wind),
            $this->even($setup, $wind),
            $this->edge($setup, $wind, $section),
            $this->clamp($wind, $setup),
        );
    }

    private function off(Setup $setup, Wind $wind): Step
    {
        return new Step(
            'turn-off',
            Group::Pass,
            StepKind::Turn,
            new StepText(
                do: Phrase::of(
                    'Side clamps off; wind back, take the quilt off both ends, and turn it round so that its tail ' .
                        'edge leads.',
                ),
                why: Phrase::of('From here on only the second half is wound on.'),
                check: Phrase::of('What is stitched lies toward you, right side up.'),
                otherwise: Phrase::of('Turn it once more: the unstitched end belongs at the take-up.'),
                figure: Phrase::of('turn round'),
                caution: Phrase::of('Lift the roll with two people; hold it before unlocking.'),
            ),
            Shown::Bed,
            8,
            leaves: [
                new Setting(StatePart::SideClamps, 'off'),
                new Setting(StatePart::Firmness, 'slack'),
                new Setting(StatePart::Tail, 'hanging'),
            ],
            pass: $wind->number,
            does: self::takenOff(),
        );
    }

    private function on(Setup $setup, Wind $wind): Step
    {
        $minutes = ($setup->held->lead?->minutes() ?? 4) + ($setup->held->tail?->minutes() ?? 4) + 4;

        return new Step(
            'turn-on',
            Group::Pass,
            StepKind::Attach,
            new StepText(
                do: Phrase::of(
                    ($setup->isClamped()
                        ? 'Clamp the tail end to the back pole and the stitched end to the front pole'
                        : 'Attach the tail end to the take-up leader and the stitched end to the other') .
                        " as before, {$setup->outward()}.",
                ),
                why: Phrase::of('The same holds serve; only their ends are changed.'),
                check: Phrase::of('Centres on their marks at both ends.'),
                otherwise: Phrase::of('Attach that end again from the centre.'),
                caution: Phrase::of('Outermost pins point inward; no hand along a pinned roll.'),
            ),
            Shown::TailRail,
            $minutes,
            needs: [new Setting(StatePart::Firmness, 'slack'), ...Stitching::held($setup)],
            pass: $wind->number,
            does: self::onAgain($setup),
        );
    }

    private function even(Setup $setup, Wind $wind): Step
    {
        return new Step(
            'turn-even',
            Group::Pass,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    $setup->isClamped()
                        ? 'Roll the stitched half toward the front pole, level the bed, hold both poles, and feel it at left, ' .
                            'centre and right.'
                        : 'Wind to one roller and back once, hold both, and feel it at left, centre and right.',
                ),
                why: Phrase::of('The stitched half is stiffer than the other and hides a slack side.'),
                check: Phrase::of('No drag line in the well; firm with give.'),
                otherwise: Phrase::of('Shift the end that pulls, wind again.'),
                caution: Phrase::of('Hold the roll before unlocking.'),
            ),
            Shown::Side,
            4,
            leaves: [
                ...Stitching::held($setup),
                new Setting(StatePart::Firmness, $setup->is(Purpose::Basting) ? 'loose' : 'softer'),
            ],
            reads: ReadingKind::Firmness,
            pass: $wind->number,
        );
    }

    private function edge(Setup $setup, Wind $wind, ?int $section): Step
    {
        $isLong = BastingStitch::Long === $setup->habits->stitch && $setup->is(Purpose::Quilting);
        $at = $isLong ? " at {$setup->bastingStitches()} stitches an inch" : '';
        $back = $isLong ? ", then set the stitch back to {$setup->stitches->quiltingPerInch}" : '';
        $lines = $setup->isBastedAllOver() ? ', and lines across, %s apart' : '';
        $held = new SectionPins($setup, true);
        $here = $held->in($section);
        [$pins, $beyond] = $setup->isPinnedTogether()
            ? [", and take out its $here pins", $held->all() - $here]
            : ['', 0];
        $edge = $setup->isInSections()
            ? 'the tail edge of this section and its side'
            : 'the tail edge and the sides of the bed';
        $basted = [
            LineKind::Tail->value => new LineIn(LineKind::Tail, null, true),
            ...$setup->isBastedAllOver()
                ? ["all-over-$wind->number" => new LineIn(LineKind::AllOver, null, false)]
                : [],
        ];

        return new Step(
            'turn-edge',
            Group::Pass,
            StepKind::Baste,
            new StepText(
                do: Phrase::of(
                    "Baste $edge$at, %s inside, from the centre out$lines$back$pins.",
                    ...[Figure::measured($setup->inset())],
                    ...$setup->isBastedAllOver() ? [Figure::measured($setup->spacing())] : [],
                ),
                why: Phrase::of('It leads now, and is held as the lead edge was.'),
                check: Phrase::of('It lies parallel to the rail, no pleat at the sides.'),
                otherwise: Phrase::of('Take it out from the worse end.'),
                figure: $isLong ? Phrase::of("back to {$setup->stitches->quiltingPerInch} an inch") : null,
            ),
            Shown::Basting,
            5,
            needs: [new Setting(StatePart::ChannelLock, 'off'), ...Stitching::held($setup)],
            leaves: [new Setting(StatePart::Tail, 'basted')],
            pass: $wind->number,
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->basteAll($basted)
                ->takeAny('tail-edge')
                ->putAny('tail-beyond', new Pieces('pins', $beyond)),
        );
    }

    private function clamp(Wind $wind, Setup $setup): Step
    {
        $pieces = $setup->sideClamps()->pieces;
        $half = $setup->across()->half();
        $marks = $setup->hasMarks() ? [$setup->position->minus($half), $setup->position->plus($half)] : [];
        $tape = [] === $marks ? '' : ", tape the register marks where the sides cross the {$setup->front()},";
        $flip = true === $setup->plan->job->quilting?->isDirectional ? ' The design is flipped for this half.' : '';

        return new Step(
            'turn-clamp',
            Group::Pass,
            StepKind::Clamp,
            new StepText(
                do: Phrase::of(
                    "Put the side clamps on$tape and push the head through the whole bed with the needle up.",
                ),
                why: Phrase::of('Everything hangs anew.' . $flip),
                check: Phrase::of(
                    'The last rows will meet the stitched half: measure what is left, %s.',
                    Figure::measured(Length::millimetres(abs($wind->to - $this->meeting($setup)))),
                ),
                otherwise: Phrase::of('Share the difference out over the gaps of this half.'),
                figure: Phrase::of('clamps on'),
            ),
            Shown::Pass,
            2,
            leaves: [new Setting(StatePart::SideClamps, 'on')],
            pass: $wind->number,
            does: static fn(ClothState $cloth): ClothState => $cloth->put('side', $pieces)->mark($marks),
        );
    }

    /** @return \Closure(ClothState): ClothState everything off that holds it, and the quilt with it */
    private static function takenOff(): \Closure
    {
        return static fn(ClothState $cloth): ClothState => $cloth
            ->takeAny('side', 'hanging-end', 'loose')
            ->unroll()
            ->detach();
    }

    /** @return \Closure(ClothState): ClothState both ends held again, the bed as at the beginning */
    private static function onAgain(Setup $setup): \Closure
    {
        $hold = (new Places($setup))->hold();
        [$lead, $tail] = [$setup->pieces(End::Lead), $setup->pieces(End::Tail)];

        return static fn(
            ClothState $cloth,
        ): ClothState => $cloth->attachLead($hold, $lead)->attachTail($tail)->standAt($hold);
    }

    /** Where the first half ended. */
    private function meeting(Setup $setup): float
    {
        return max(
            array_map(static fn(Wind $wind): float => $wind->fromTail ? 0.0 : $wind->to, $setup->winding->winds),
        );
    }

    public function border(Setup $setup, BorderPass $border): Step
    {
        $passes = 1 === $border->passes->count() ? 'one pass' : $border->passes->count() . ' passes';
        $isBasting = $setup->is(Purpose::Basting);
        $pieces = $setup->sideClamps()->pieces;
        $verb = $isBasting ? 'baste' : 'quilt';
        $reach = $border->isWithinReach ? '' : ', in two goes: it is longer than the needle reaches';

        return new Step(
            'border-' . $border->edge,
            Group::Pass,
            StepKind::Turn,
            new StepText(
                do: Phrase::of(
                    "Take it off, load it again with the {$border->edge} border along the rails, and $verb the " .
                        "border, %s × %s, in $passes$reach.",
                    Figure::measured($border->length),
                    Figure::measured($border->width),
                ),
                why: Phrase::of('Along the rails a border is one straight run.'),
                check: Phrase::of('The stitch as for the body, lock off, clamps on the backing, corners meeting.'),
                otherwise: Phrase::of('Take the last line out to the corner and meet it again.'),
                figure: Phrase::of('%s × %s', Figure::measured($border->length), Figure::measured($border->width)),
                caution: Phrase::of('Lift the roll with two people.'),
            ),
            Shown::Bed,
            20,
            needs: [
                new Setting(StatePart::ChannelLock, 'off'),
                new Setting(StatePart::Stitch, $isBasting ? 'large basting' : 'quilting'),
                new Setting(StatePart::Pins, '0'),
            ],
            leaves: [new Setting(StatePart::SideClamps, 'on'), ...Stitching::held($setup)],
            does: static fn(ClothState $cloth): ClothState => self::onAgain($setup)(self::takenOff()($cloth))->put(
                'side',
                $pieces,
            ),
        );
    }
}
