<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Roll;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;

/**
 * A sandwich loaded as one piece between two poles: layered on the table, clamped, its loose part rolled and clipped.
 *
 * @internal
 */
final readonly class ClampFrameSteps
{
    /** Rolled up thicker than this, a quilt wants the large clips. */
    private const THICK_ROLL_MILLIMETRES = 90;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        if ($setup->is(Purpose::Prebasted)) {
            $sequence->add($this->lift($setup));
        } else {
            $sequence->add(
                $this->spread($setup),
                $this->cover($setup),
                $this->layTop($setup),
                $this->pin($sequence, $setup),
            );
        }
        $sequence->add(
            $this->clamp($setup, End::Lead),
            $this->clamp($setup, End::Tail),
            $this->roll($setup),
            $this->level($setup),
        );
        if ($sequence->state()->pins() > 0) {
            $this->addBasting($sequence, $setup);
        }
    }

    private function spread(Setup $setup): Step
    {
        return new Step(
            'spread',
            Group::Backing,
            StepKind::Lay,
            new StepText(
                do: Phrase::of(
                    'Spread the backing on the table right side down, its lead edge toward the back: %s across.',
                    Figure::measured($setup->plan->chosenPlan()->backing->squaredUp->across),
                ),
                why: Phrase::of('On poles the sandwich is loaded as one piece.'),
                check: Phrase::of('Flat, not stretched, no drag line to a corner.'),
                otherwise: Phrase::of('Lift it by the middle and let it fall.'),
                caution: Phrase::of('Bring the work to the front: reaching over strains the back.'),
            ),
            Shown::Bed,
            4,
        );
    }

    private function cover(Setup $setup): Step
    {
        return new Step(
            'lay-batting',
            Group::Batting,
            StepKind::Lay,
            new StepText(
                do: Phrase::of('Lay the batting on it, scratchy side down, from the centre out.'),
                why: Phrase::of('Its soft side lies toward the top.'),
                check: Phrase::of('Centre on centre; the backing shows on every side.'),
                otherwise: Phrase::of('Lift and lay it again.'),
                caution: Phrase::of('Never wider than the backing: it can be drawn into the carriage.'),
            ),
            Shown::Bed,
            3,
        );
    }

    private function layTop(Setup $setup): Step
    {
        $edge = $setup->edgeAt(End::Lead);

        return new Step(
            'lay-top',
            Group::Top,
            StepKind::Lay,
            new StepText(
                do: Phrase::of("Lay the top on, right side up, its $edge edge toward the back pole, centre on centre."),
                why: Phrase::of(
                    $setup->plan->job->top->directional
                        ? 'The top has an up, and the edge that leads decides where it points.'
                        : 'What lies straight now is clamped straight.',
                ),
                check: Phrase::of('Batting and backing show all round.'),
                otherwise: Phrase::of('Lift it from the middle and lay it again.'),
            ),
            Shown::Bed,
            3,
        );
    }

    private function pin(Sequence $sequence, Setup $setup): Step
    {
        $top = (new Places($setup))->top();
        $pins = new SectionPins($setup);
        $count = $pins->all();
        $beyond = $count - $pins->in($setup->isInSections() ? 1 : null);

        return new Step(
            'pin-sandwich',
            Group::Top,
            StepKind::Hold,
            new StepText(
                do: Phrase::of(
                    "Pin the three layers along both ends, $count pins at each, %s apart.",
                    Figure::measured(Length::inches(SectionPins::APART_INCHES)),
                ),
                why: Phrase::of('The layers travel together to the poles.'),
                check: Phrase::of("Nothing shifts when a corner is lifted; twice $count counted in."),
                otherwise: Phrase::of('A row of pins more across the middle.'),
                figure: Phrase::of("2 × $count pins"),
                caution: Phrase::of(
                    'Outermost pins point inward. Those of the tail stay in until it comes into the bed.',
                ),
            ),
            Shown::Bed,
            6,
            leaves: [new Setting(StatePart::Pins, (string) ($sequence->state()->pins() + $count - $beyond))],
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->layBatting(Length::zero())
                ->layTop($top)
                ->put('layers', new Pieces('pins', $count - $beyond, Where::Bed))
                ->putAny('layers-beyond', new Pieces('pins', $beyond))
                ->put('tail-edge', new Pieces('pins', $count)),
        );
    }

    private function lift(Setup $setup): Step
    {
        return PrebastedSteps::liesFlat(Group::Backing, (new Places($setup))->top());
    }

    private function clamp(Setup $setup, End $end): Step
    {
        $pole = End::Lead === $end ? $setup->kind()->back() : $setup->kind()->front();
        $pieces = $setup->pieces($end);
        $text = (new Holds())->text($setup, $end, $setup->held->at($end), "all layers to the $pole");

        return new Step(
            'clamp-' . $end->value,
            Group::Clamps,
            StepKind::Attach,
            HoldingSystem::SpringClamps === $setup->system($end)
                ? $text->then(
                    Phrase::of(
                        'Where the pole is thin for the clamp, a strip of scrap batting goes round it first. The corner ' .
                            'fittings take no cloth.',
                    ),
                )
                : $text,
            End::Lead === $end ? Shown::LeadRail : Shown::TailRail,
            3,
            needs: [new Setting(StatePart::Poles, 'held')],
            does: End::Lead === $end
                ? static fn(ClothState $cloth): ClothState => $cloth->attachLead(Length::zero(), $pieces)
                : static fn(ClothState $cloth): ClothState => $cloth->attachTail($pieces),
        );
    }

    /** How thick the loose quilt is rolled up, once so much of it is wound on at the back. */
    private static function looseRoll(Setup $setup, Length $wound): Length
    {
        $left = max(0.0, $setup->along()->minus($wound)->toMillimetres());

        return Length::millimetres(
            2 * Roll::around(0, $setup->winding->roll->thickness->length()->toMillimetres(), $left),
        );
    }

    /** Which spring clips hold that roll: too large, they fill the throat; too small, they spring off. */
    public static function holders(Setup $setup, Length $wound): string
    {
        return self::looseRoll($setup, $wound)->toMillimetres() > self::THICK_ROLL_MILLIMETRES ? 'large' : 'small';
    }

    private function roll(Setup $setup): Step
    {
        $thick = self::looseRoll($setup, Length::zero());
        $clips = self::holders($setup, Length::zero());

        return new Step(
            'roll-loose',
            Group::Clamps,
            StepKind::Hold,
            new StepText(
                do: Phrase::of(
                    "Roll the loose quilt toward the front pole and hold the roll with $clips spring clips, set between " .
                        'the clamps: it is about %s thick.',
                    Figure::measured($thick),
                ),
                why: Phrase::of('What hangs pulls the bed askew; clips too large fill the throat.'),
                check: Phrase::of('The roll lies along the pole and turns with it.'),
                otherwise: Phrase::of('Roll again, layers smooth from the centre.'),
                figure: Phrase::of("$clips clips"),
                caution: Phrase::of('Spring clips can fly back: let them off by hand.'),
            ),
            Shown::Side,
            3,
            leaves: [new Setting(StatePart::Tail, 'held')],
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->standAt(Length::zero())
                ->put('loose', new Pieces("$clips spring clips", 2))
                ->rollIn('tail-edge'),
        );
    }

    private function level(Setup $setup): Step
    {
        return new Step(
            'level',
            Group::Clamps,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    'Roll the front clamps forward until the bed is level, and set the handles at the back upright; ' .
                        'hold both poles.',
                ),
                why: Phrase::of('A bed that slopes makes poor stitches, and a handle that lies catches the machine.'),
                check: Phrase::of('A level laid front to back agrees; the head passes every handle.'),
                otherwise: Phrase::of('Turn the clamps a little further.'),
            ),
            Shown::Side,
            2,
            leaves: [
                new Setting(StatePart::Poles, 'held'),
                new Setting(StatePart::Firmness, $setup->is(Purpose::Basting) ? 'loose' : 'softer'),
            ],
            reads: ReadingKind::Firmness,
        );
    }

    private function addBasting(Sequence $sequence, Setup $setup): void
    {
        if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
            $sequence->add(Stitching::setBasting($setup, Group::Clamps));
        }
        $inset = Figure::measured($setup->inset());
        $at = (new Places($setup))->farEdge();
        $sequence->add(
            new Step(
                'baste-edge',
                Group::Clamps,
                StepKind::Baste,
                new StepText(
                    do: Phrase::of(
                        'Baste the far edge ' .
                            ($setup->isInSections() ? 'of this section and its side' : 'and the sides') .
                            ", %s inside, {$setup->outward()}.",
                        $inset,
                    ),
                    why: Phrase::of('The pins come out before the needle gets near them.'),
                    check: Phrase::of('The edge lies parallel to the pole.'),
                    otherwise: Phrase::of('Take it out from the worse end.'),
                    figure: Phrase::of('%s inside', $inset),
                ),
                Shown::Basting,
                4,
                needs: [
                    new Setting(StatePart::ChannelLock, 'off'),
                    new Setting(StatePart::Stitch, $setup->bastingState()),
                    new Setting(StatePart::Poles, 'held'),
                ],
                does: static fn(ClothState $cloth): ClothState => $cloth->baste(
                    LineKind::FarEdge->value,
                    new LineIn(LineKind::FarEdge, $at, true),
                ),
            ),
            Stitching::pinsOut($sequence->state()->pins(), Group::Clamps, 'pins-out-top', 'layers'),
        );
        if ($setup->hasMarks()) {
            $sequence->add(TopSteps::marks($setup, Group::Clamps));
        }
        if (!$setup->is(Purpose::Basting) && !$sequence->is(StatePart::Stitch, 'quilting')) {
            $sequence->add(Stitching::setQuilting($setup, Group::Clamps));
        }
    }
}
