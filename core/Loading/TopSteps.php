<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Attachment\DriftMarkers;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\ClampTime;
use Schwung\Core\Practice\EdgeGuide;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\Purpose;

/**
 * The top on the batting: laid, aligned, its far edge and first sides basted, its hanging end held, and the machine
 * set back for quilting.
 *
 * @internal
 */
final readonly class TopSteps
{
    /** So much of a top hangs heavily. */
    private const LONG_INCHES = 84;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add($this->lay($setup));
        if ($setup->isHeldThrough()) {
            $sequence->add($this->holdThrough($setup), $this->tighten($setup));
        }
        $this->align($sequence, $setup);
        $this->baste($sequence, $setup);
        if ($setup->holdsHangingEnd()) {
            $sequence->add($this->holdEnd($setup));
        }
        $sequence->add($this->sides($setup));
        if (!$setup->bastesFarEdge() && self::crossesReference($setup)) {
            // Until then the line is all that keeps the batting.
            $sequence->add(Stitching::pullReference($setup->bastesInOneRun() ? 'edge and sides are' : 'the sides are'));
        }
        if (ClampTime::AfterSide === $setup->habits->clampTime) {
            $sequence->add((new SideClampSteps())->clamp($setup));
        }
        if ($setup->hasMarks()) {
            $sequence->add(self::marks($setup, Group::Top));
        }
        $this->setBack($sequence, $setup);
    }

    private function lay(Setup $setup): Step
    {
        $edge = $setup->edgeAt(End::Lead);
        $at = (new Places($setup))->top();
        $below = (new BastingRule())->referenceBefore($setup);
        $where = match (true) {
            !$at->isPositive() => Phrase::of(
                "Lay the top right side up, its $edge edge leading, that edge at the lead hold all along.",
            ),
            !$setup->hasReference() => Phrase::of(
                "Lay the top right side up, its $edge edge leading, %s from the lead hold all along.",
                Figure::measured($at),
            ),
            $below->isPositive() => Phrase::of(
                "Lay the top right side up, its $edge edge leading, %s below the reference line: %s from the lead hold.",
                Figure::measured($below),
                Figure::measured($at),
            ),
            default => Phrase::of(
                "Lay the top right side up, its $edge edge leading, on the reference line: %s from the lead hold.",
                Figure::measured($at),
            ),
        };

        return new Step(
            'lay-top',
            Group::Top,
            StepKind::Lay,
            new StepText(
                do: $where,
                why: Phrase::of($this->up($setup) ?? 'What starts straight at the lead runs straight to the tail.'),
                check: Phrase::joined(
                    Phrase::of('Its centre lies on'),
                    $setup->mark(),
                    Phrase::of(
                        ($setup->meetsBySeam() ? 'and the seam of the backing, ' : '') .
                            'and batting shows ' .
                            ($setup->isHeldThrough() ? 'at both sides.' : 'all round.'),
                    ),
                ),
                otherwise: Phrase::of('Lift it; a top that is pushed keeps the push.'),
                figure: !$at->isPositive()
                    ? Phrase::of('at the hold')
                    : Phrase::of('%s from the hold', Figure::measured($at)),
                caution: Phrase::of('Do not lean on the front bar while you look.'),
            ),
            Shown::Bed,
            3,
            needs: Stitching::held($setup),
            does: static fn(ClothState $cloth): ClothState => $cloth->layTop($at),
            school: $setup->habits->farEdge,
        );
    }

    private function up(Setup $setup): ?string
    {
        $lead = $setup->plan->job->top->edgeAt($setup->plan->chosen(), End::Lead);

        return match (true) {
            $setup->plan->job->top->directional => "The top has an up: it points {$lead->up()}.",
            true === $setup->plan->job->quilting?->isDirectional
                => 'The design has an up: it points away from you, to the take-up.',
            default => null,
        };
    }

    /** The holders come out of leader and backing one by one, and go in again through all layers. */
    private function holdThrough(Setup $setup): Step
    {
        $pieces = $setup->pieces(End::Lead);
        $isPinned = \in_array($setup->system(End::Lead), [HoldingSystem::Pins, HoldingSystem::Zip], true);
        $carrier = HoldingSystem::Zip === $setup->system(End::Lead) ? 'zip' : 'leader';
        [$kind, $through] = $isPinned
            ? ['pins', "push them back through $carrier, backing, batting and top"]
            : [$pieces->kind, 'set them again over backing, batting and top'];
        $reach = Figure::needed($setup->practice->outOfReach($setup->system(End::Lead), $setup->float()));

        return new Step(
            'hold-through',
            Group::Top,
            StepKind::Attach,
            new StepText(
                do: Phrase::of(
                    "Loosen the backing by a turn and go round to the rear. Take the $kind out one by one and $through, " .
                        "{$setup->outward()}.",
                ),
                why: Phrase::of('Held at both ends together, the layers run straightest.'),
                check: Phrase::of(
                    'The edge of the top lies at the hold all along. Quilting begins %s inside it.',
                    $reach,
                ),
                otherwise: Phrase::of('Take that part out again, smooth toward the front, and set it anew.'),
                figure: Phrase::of('stitch from %s on', $reach),
                caution: Phrase::of(
                    'This edge is bulky in the roll, and out of the reach of the needle.' .
                        ($isPinned ? ' Outermost pins point inward.' : ''),
                ),
            ),
            Shown::LeadRail,
            null === $setup->held->lead ? 4 : $setup->held->lead->minutes() + 2,
            needs: [new Setting(StatePart::TakeUp, 'held')],
            leaves: [new Setting(StatePart::Firmness, 'slack')],
            does: static fn(ClothState $cloth): ClothState => $cloth->holdThrough(),
        );
    }

    private function tighten(Setup $setup): Step
    {
        $isBasting = $setup->is(Purpose::Basting);

        return new Step(
            'take-up-again',
            Group::Top,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    'Hold both rollers and take the backing up again: ' .
                        ($isBasting ? 'for basting it lies loose.' : 'firm with give, as before.'),
                ),
                why: Phrase::of('It was loosened to be held anew.'),
                check: Phrase::of('Pressed in the middle, the cloth gives and comes back.'),
                otherwise: Phrase::of('It hangs: take up a click. It rings: let one off.'),
            ),
            Shown::Side,
            1,
            needs: [new Setting(StatePart::TakeUp, 'held'), new Setting(StatePart::Backing, 'held')],
            leaves: [new Setting(StatePart::Firmness, $isBasting ? 'loose' : 'softer')],
        );
    }

    private function align(Sequence $sequence, Setup $setup): void
    {
        if (Alignment::Rail === $setup->habits->alignment || !$setup->hasLock()) {
            $sequence->add($this->measure($setup));

            return;
        }
        $isEdge = Alignment::Edge === $setup->habits->alignment;
        $seam = $setup->alignmentSeam();
        $what = null === $seam ? 'the edge of the top' : 'the seam to align by';
        $at = (new Places($setup))->alignment();
        $sequence->add(
            Stitching::lock($sequence, $setup, Group::Top, 'lock-top', $at, $what),
            $this->travel($seam, $isEdge),
        );
    }

    private function measure(Setup $setup): Step
    {
        $seam = $setup->alignmentSeam();
        $what = null === $seam ? "the top's edge" : 'the seam %s from the lead edge';

        return new Step(
            null === $seam ? 'align-edge' : 'align-seam',
            Group::Top,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    "Lay $what parallel to the rail: measure it from the rail at left, centre and right.",
                    ...null === $seam ? [] : [Figure::measured($seam)],
                ),
                why: Phrase::of('What starts at a slant ends at a slant.'),
                check: Phrase::of('The three measures agree.'),
                otherwise: Phrase::of('Shift the end that is ahead; an edge that waves is better aligned by a seam.'),
                caution: Phrase::of('Feet back, eyes over it, no hand on the bar.'),
            ),
            Shown::Bed,
            2,
            reads: ReadingKind::Straightness,
            school: $setup->hasLock() ? Alignment::Rail : $setup->habits->lock,
        );
    }

    /** The foot runs along what has to be straight, held to its line by the lock. */
    private function travel(?Length $seam, bool $isEdge): Step
    {
        return new Step(
            $isEdge ? 'align-edge' : 'align-seam',
            Group::Top,
            StepKind::Look,
            new StepText(
                do: match (true) {
                    $isEdge => Phrase::of(
                        'Run the foot along the edge of the top and lay the edge straight to it. Unlock.',
                    ),
                    null === $seam => Phrase::of(
                        'Run the foot along the first seam that goes right across the top, or along its edge where there is ' .
                            'none, and lay that straight to it. Unlock.',
                    ),
                    default => Phrase::of(
                        'Run the foot along the seam %s from the lead edge and lay the seam straight to it. Unlock.',
                        Figure::measured($seam),
                    ),
                },
                why: Phrase::of(
                    $isEdge ? 'What starts at a slant ends at a slant.' : 'A seam is straighter than an outer edge.',
                ),
                check: Phrase::of('The foot keeps to the ' . ($isEdge ? 'edge' : 'seam') . ' from side to side.'),
                otherwise: Phrase::of(
                    'Shift the side that is ahead, hands still on the rest' .
                        ($isEdge ? '; an edge that waves is better aligned by a seam.' : '.'),
                ),
                figure: null === $seam ? null : Phrase::of('seam at %s', Figure::measured($seam)),
                caution: Phrase::of('Do not lean on the front bar while you look.'),
            ),
            Shown::Bed,
            2,
            needs: [new Setting(StatePart::ChannelLock, 'across')],
            leaves: [new Setting(StatePart::ChannelLock, 'off')],
            reads: ReadingKind::Straightness,
            does: static fn(ClothState $cloth): ClothState => $cloth->unlock(),
            school: $isEdge ? Alignment::Edge : Alignment::Seam,
        );
    }

    private function baste(Sequence $sequence, Setup $setup): void
    {
        if (!$sequence->is(StatePart::Stitch, $setup->bastingState())) {
            $sequence->add(Stitching::setBasting($setup, Group::Top));
        }
        if ($setup->bastesFarEdge()) {
            $this->addFarEdge($sequence, $setup);
        }
        if ($sequence->state()->pins() > 0) {
            $sequence->add(Stitching::pinsOut($sequence->state()->pins(), Group::Top, 'pins-out-top', 'batting'));
        }
        if ($setup->bastesFarEdge() && self::crossesReference($setup)) {
            $sequence->add(Stitching::pullReference('the edge is'));
        }
    }

    private function addFarEdge(Sequence $sequence, Setup $setup): void
    {
        if ($setup->swapsFoot()) {
            $sequence->add(Stitching::foot('disc', Group::Top, 'foot-disc'));
        }
        if (!$this->isByEye($setup)) {
            $sequence->add(
                Stitching::lock(
                    $sequence,
                    $setup,
                    Group::Top,
                    'lock-edge',
                    (new Places($setup))->farEdge(),
                    'the far edge, just inside it',
                ),
            );
        }
        $sequence->add($this->edge($setup));
    }

    /** Whether the first row is stitched across the reference line. */
    public static function crossesReference(Setup $setup): bool
    {
        return $setup->hasReference() &&
            !$setup->isClamped() &&
            true === $setup->winding->rows?->overhang->isPositive() &&
            $setup->is(Purpose::Quilting);
    }

    private function isByEye(Setup $setup): bool
    {
        return !$setup->hasLock() ||
            EdgeGuide::Eye === $setup->habits->guide ||
            FarEdge::Wavy === $setup->habits->farEdge ||
            EdgeKind::Straight !== $setup->plan->job->top->edge ||
            $setup->fullnessAt(End::Lead)->isPositive();
    }

    private function edge(Setup $setup): Step
    {
        $at = (new Places($setup))->farEdge();

        return new Step(
            'baste-edge',
            Group::Top,
            StepKind::Baste,
            $this->edgeText($setup),
            Shown::Basting,
            3,
            needs: [
                new Setting(StatePart::ChannelLock, $this->isByEye($setup) ? 'off' : 'across'),
                new Setting(StatePart::Stitch, $setup->bastingState()),
                ...$setup->swapsFoot() ? [new Setting(StatePart::Foot, 'disc')] : [],
            ],
            leaves: [new Setting(StatePart::ChannelLock, 'off')],
            does: static fn(ClothState $cloth): ClothState => $cloth
                ->baste(LineKind::FarEdge->value, new LineIn(LineKind::FarEdge, $at, true))
                ->unlock(),
            school: $setup->habits->guide,
        );
    }

    private function edgeText(Setup $setup): StepText
    {
        $inset = Figure::measured($setup->inset());
        $fullness = $setup->fullnessAt(End::Lead);
        if (EdgeKind::Straight !== $setup->plan->job->top->edge) {
            $what = EdgeKind::Points === $setup->plan->job->top->edge ? 'points' : 'scallops';

            return new StepText(
                Phrase::of(
                    "Baste just inside the deepest dips between the $what, from the centre out; " .
                        "the $what lie free on the batting.",
                ),
                Phrase::of('A shaped edge is never attached, or it is pulled out of shape.'),
                Phrase::of("Every one of the $what lies flat, none is caught."),
                Phrase::of('Take that stretch out and lay it again.'),
                Phrase::of('inside the dips'),
                Phrase::of('Hands clear of the needle; the foot can catch a point.'),
            );
        }
        if ($fullness->isPositive()) {
            return new StepText(
                Phrase::of(
                    "Baste the far edge {$setup->outward()}, %s inside, walking in %s of " .
                        'fullness half to each side.',
                    $inset,
                    Figure::measured($fullness),
                ),
                Phrase::of('The edge is longer than the body; spread evenly, it leaves no pleat.'),
                Phrase::of('Fullness goes ahead of the foot in ripples, never in a fold.'),
                Phrase::of('Stop before the fold, take out a hand of stitches, spread wider.'),
                Phrase::of('%s to walk in', Figure::measured($fullness)),
                Phrase::of('Fingers that walk the cloth stay clear of the needle.'),
            );
        }
        if (FarEdge::Wavy === $setup->habits->farEdge) {
            return new StepText(
                Phrase::of(
                    'Baste the far edge ' . Stitching::way($setup) . ', in a light wave within %s of the edge.',
                    $inset,
                ),
                Phrase::of('Fullness slips into the waves.'),
                Phrase::of('The wave stays where the binding hides it.'),
                Phrase::of('Take out what runs deeper.'),
                Phrase::of('wave within %s', $inset),
                null,
            );
        }

        return new StepText(
            Phrase::of(
                'Baste the far edge ' .
                    Stitching::way($setup) .
                    ', %s inside it' .
                    ($this->isByEye($setup) ? ', by eye along the edge.' : ', the lock on. Unlock.'),
                $inset,
            ),
            Phrase::of('So near, the binding hides it; further in, a flap is left that the foot catches.'),
            Phrase::of('The centre still meets its mark; the edge lies parallel to the line.'),
            Phrase::of('Take the basting out from the worse end; hands still while you stitch.'),
            Phrase::of('%s inside', $inset),
            null,
        );
    }

    private function holdEnd(Setup $setup): Step
    {
        $habit = $setup->habits->hangingEnd;
        $pieces = self::hanging($setup);
        $hangs = Figure::measured((new Places($setup))->hanging());
        $with = match ($habit) {
            HangingEnd::Magnets => 'magnets on the steel front bar, a hand apart',
            HangingEnd::HalfClips => 'half-round clips on the front bar, a hand apart',
            default => $setup->along()->isLongerThan(Length::inches(self::LONG_INCHES)) || $setup->isStretchy()
                ? 'a light bar laid into its last inches'
                : 'a light bar laid along its edge',
        };

        return new Step(
            'hold-end',
            Group::Top,
            StepKind::Hold,
            new StepText(
                do: Phrase::of("Let %s of the top hang, and hold its end with $with.", $hangs),
                why: Phrase::of('Nothing else keeps a floating top in line.'),
                check: Phrase::of('It hangs level, and runs over the bar without a slant.'),
                otherwise: Phrase::of('Smooth from the basted edge toward you, and lay the hold again.'),
                figure: Phrase::of('%s hanging', $hangs),
                caution: HangingEnd::Magnets === $habit
                    ? Phrase::of(
                        'Magnets pinch, and stay away from implanted medical devices. Off the bar before it turns.',
                    )
                    : null,
            ),
            Shown::Side,
            2,
            leaves: [new Setting(StatePart::Tail, 'held')],
            does: static fn(ClothState $cloth): ClothState => $cloth->put('hanging-end', $pieces),
            school: $habit,
            weight: Weight::Habit,
        );
    }

    /** What holds the hanging end: one bar, or a piece a hand. */
    public static function hanging(Setup $setup): Pieces
    {
        $hands = 1 + (int) ceil($setup->across()->toInches() / $setup->spacing()->toInches());

        return match ($setup->habits->hangingEnd) {
            HangingEnd::Magnets => new Pieces('magnets', $hands),
            HangingEnd::HalfClips => new Pieces('half-round clips', $hands),
            default => new Pieces('bar', 1),
        };
    }

    /**
     * Where drift will be read at every advance: at seams that run from roller to roller, or at the sides where none is
     * known.
     */
    public static function marks(Setup $setup, Group $group): Step
    {
        $places = (new DriftMarkers())->places($setup->plan->job->top, $setup->plan->chosen(), $setup->position);
        // Marks on one side alone do not tell which way the other went.
        $atSeams =
            [] !== $places &&
            $places[0]->isShorterThan($setup->position) &&
            $places[\count($places) - 1]->isLongerThan($setup->position);
        if (!$atSeams) {
            $half = $setup->across()->half();
            $places = [$setup->position->minus($half), $setup->position->plus($half)];
        }
        if (
            $setup->meetsBySeam() &&
            !\in_array($setup->position->nanometres, array_column($places, 'nanometres'), true)
        ) {
            // What was centred by a seam is watched there as well.
            $places = [...$places, $setup->position];
            usort($places, static fn(Length $one, Length $other): int => $one->compareTo($other));
        }
        $onRoller = FloatKind::Full !== $setup->float() && !$setup->isClamped();
        $with = $onRoller ? 'clips on the top roller' : "tape on the {$setup->front()}";

        return new Step(
            'set-marks',
            $group,
            StepKind::Mark,
            new StepText(
                do: Phrase::of(
                    "Set the register marks, $with, where " .
                        ($atSeams ? 'these seams cross it: ' : 'the sides of the top cross it: ') .
                        implode(', ', array_map(self::side(...), $places)) .
                        " of the rail's centre mark.",
                    ...array_map(
                        static fn(Length $place): Figure => Figure::measured($place->absolute()),
                        array_filter($places, static fn(Length $place): bool => 0 !== $place->nanometres),
                    ),
                ),
                why: Phrase::of('At every advance they tell whether the top wanders.'),
                check: Phrase::of(
                    'Each mark stands on its ' . ($atSeams ? 'seam' : 'side') . ' before the first pass.',
                ),
                otherwise: Phrase::of('Move the mark, never the cloth.'),
                figure: Phrase::of(\count($places) . ' marks'),
            ),
            Shown::Bed,
            1,
            does: static fn(ClothState $cloth): ClothState => $cloth->mark($places),
        );
    }

    private static function side(Length $place): string
    {
        return match (true) {
            0 === $place->nanometres => 'on it',
            $place->isNegative() => '%s left',
            default => '%s right',
        };
    }

    private function sides(Setup $setup): Step
    {
        $inset = Figure::measured($setup->inset());
        $isRun = $setup->bastesInOneRun();
        $first = $setup->firstSide();
        $lines = [
            ...$isRun
                ? [LineKind::FarEdge->value => new LineIn(LineKind::FarEdge, (new Places($setup))->farEdge(), true)]
                : [],
            'side-1' => new LineIn(LineKind::Side, null, true),
        ];

        return new Step(
            'baste-sides',
            Group::Top,
            StepKind::Baste,
            new StepText(
                do: $isRun
                    ? Phrase::of(
                        "Baste in one run, %s inside: up the $first side from the {$setup->front()}, across the far edge " .
                            'and down the other side.',
                        $inset,
                    )
                    : Phrase::of(
                        'Baste both sides for the length of the bed, %s inside, ' . PassSteps::sideWay($setup) . '.',
                        $inset,
                    ),
                why: Phrase::of('Stitching that reaches an open side catches it.'),
                check: Phrase::of('The sides lie flat down to the front bar.'),
                otherwise: Phrase::of(
                    'Walk fullness from the front toward the back, so that it does not end as a pleat.',
                ),
                figure: Phrase::of('%s inside', $inset),
            ),
            Shown::Basting,
            $isRun ? 4 : 2,
            needs: [new Setting(StatePart::ChannelLock, 'off'), new Setting(StatePart::Stitch, $setup->bastingState())],
            does: static fn(ClothState $cloth): ClothState => $cloth->basteAll($lines),
            school: $setup->habits->sides,
        );
    }

    private function setBack(Sequence $sequence, Setup $setup): void
    {
        if (!$setup->is(Purpose::Basting) && !$sequence->is(StatePart::Stitch, 'quilting')) {
            $sequence->add(Stitching::setQuilting($setup, Group::Top));
        }
        if (!$sequence->is(StatePart::Foot, $setup->foot())) {
            $sequence->add(Stitching::foot($setup->foot(), Group::Top, 'foot-back'));
        }
    }
}
