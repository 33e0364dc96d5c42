<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\EdgeRun;
use Schwung\Core\Practice\EndStop;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\People;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\School;
use Schwung\Core\Practice\SecondEnd;
use Schwung\Core\Practice\Smoothing;
use Schwung\Core\Practice\ToAndFro;
use Schwung\Core\Practice\Tug;

/**
 * The backing on a frame with leaders: attached at both ends, evened by winding, looked at, and eased. A basted
 * sandwich goes on the same way by its backing.
 *
 * @internal
 */
final readonly class BackingSteps
{
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $isFront = LoadingPlace::Front === $setup->place();
        $sequence->add(
            $this->route($setup),
            ...$isFront
                ? [$this->attach($setup, End::Tail), $this->windFromFront($setup), $this->attach($setup, End::Lead)]
                : [$this->attach($setup, End::Lead), $this->park($setup), $this->attach($setup, End::Tail)],
            ...[$this->windBack($setup)],
        );
        if (ToAndFro::Never !== $setup->habits->toAndFro) {
            $sequence->add($this->even($setup));
        }
        $sequence->add($this->inspect($setup), $this->ease($setup));
    }

    /** What goes on the leaders. */
    private function cloth(Setup $setup): string
    {
        return $setup->is(Purpose::Prebasted) ? 'basted quilt' : 'backing';
    }

    private function route(Setup $setup): Step
    {
        return new Step(
            'route',
            Group::Backing,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    'Free the leader flaps and run the leaders as the drawing shows: the take-up leader under the ' .
                        'leveller bar, the other over the front bar.',
                ),
                why: Phrase::of('A leader on the wrong side of a bar makes the bed slope.'),
                check: Phrase::of('Seen from the end, both leaders lie level with the bed.'),
                otherwise: Phrase::of('Unwind to the leader and run it again.'),
                caution: Phrase::of('A released ratchet lets the roll spin: hold the roll before unlocking.'),
            ),
            Shown::Side,
            2,
            leaves: [new Setting(StatePart::Flaps, 'free'), ...$this->ratchets('held')],
        );
    }

    private function attach(Setup $setup, End $end): Step
    {
        $attachment = $setup->held->at($end);
        $roller = End::Lead === $end ? 'the take-up leader' : "the leader of {$this->roller($setup)}";
        $isFront = LoadingPlace::Front === $setup->place();
        $isSecond = $isFront === (End::Lead === $end);
        $from = match (true) {
            $isSecond && LoadingPlace::Table === $setup->place() => ', let out and drawn over the flat table',
            End::Tail === $end => ', from the front',
            default => ', from the rear',
        };
        $pieces = $setup->pieces($end);
        $places = new Places($setup);
        $hangsAt = $isFront ? $setup->plan->job->frame->bed()->minus($places->leadStop()) : Length::zero();
        $wayUp = $setup->is(Purpose::Prebasted) ? 'top side up' : 'right side down';

        return new Step(
            'attach-' . $end->value,
            Group::Backing,
            StepKind::Attach,
            $this->text(
                $setup,
                (new Holds())->text($setup, $end, $attachment, "the {$this->cloth($setup)}, $wayUp$from, to $roller"),
                $isSecond,
                HoldingSystem::Zip === $setup->system($end),
            ),
            End::Lead === $end ? Shown::LeadRail : Shown::TailRail,
            $this->minutes($attachment),
            needs: [
                new Setting(StatePart::Flaps, 'free'),
                new Setting(End::Lead === $end ? StatePart::TakeUp : StatePart::Backing, 'held'),
                new Setting(StatePart::Firmness, 'slack'),
            ],
            leaves: null === $setup->flap() ? [] : [new Setting(StatePart::Flaps, 'pinned')],
            does: End::Lead === $end
                ? static fn(ClothState $cloth): ClothState => $cloth->attachLead($hangsAt, $pieces)
                : static fn(ClothState $cloth): ClothState => $cloth->attachTail($pieces),
            school: $setup->place(),
        );
    }

    /** What the schools add: the edge or the cloth, and the look into the well before the second end is fixed. */
    private function text(Setup $setup, StepText $text, bool $isSecond, bool $isZip): StepText
    {
        if ($isSecond) {
            $text = $text->then(Phrase::of($this->look($setup, $isZip)));
        }
        $flap = $setup->flap();
        if (null !== $flap) {
            $text = $text->then(
                Phrase::of('Pin back the flaps of the leader beside it, up to %s wide.', Figure::measured($flap)),
            );
        }

        return $isZip
            ? $text
            : $text->seeing(
                Phrase::of(
                    EdgeLine::Line === $setup->habits->edge
                        ? "The edge lies on the leader's line."
                        : 'The cloth lies flat; its edge may run off the line.',
                ),
            );
    }

    /** Into the well, while the second end can still be shifted. */
    private function look(Setup $setup, bool $isZip): string
    {
        $rest = $isZip ? 'the slider is closed' : 'the rest is fixed';

        return (SecondEnd::Slide === $setup->habits->secondEnd && !$isZip
            ? 'Two or three first: look into the well from both ends and slide the hanging cloth sideways until no fold ' .
                'slants, then the rest.'
            : "Before $rest, look into the well from both ends: no fold slants.") .
            (LoadingPlace::Table === $setup->place() ? ' Flip it clear of the table.' : '');
    }

    /** Who stands where while a roll turns. */
    private function stands(Setup $setup): string
    {
        return People::Two === $setup->habits->people ? ' One of you at each end.' : ' Stand in the middle.';
    }

    /** What the hands do while it winds. */
    private function smoothing(Setup $setup): string
    {
        return Smoothing::Outward === $setup->habits->smoothing
            ? ', smoothing from the centre out'
            : ', without spreading it by hand';
    }

    /** @return list<Phrase> what goes by while it winds, to be seen to as it comes */
    private function onTheWay(Setup $setup): array
    {
        $isWideInOnePiece =
            BackingKind::Wide === $setup->plan->job->backing->kind && [] === $setup->plan->job->backing->seams;
        $hold = match ($setup->system(End::Tail)) {
            HoldingSystem::Pins => 'pins and lip',
            default => 'hold and lip',
        };

        return [
            Phrase::of("As the attached edge first comes round: $hold folded flat, the leader's tail flipped clear."),
            Phrase::of('Hair and threads picked off as they go by; creases misted.'),
            Phrase::of(
                Tug::WideOnly === $setup->habits->tug && $isWideInOnePiece
                    ? 'Drawn a little toward both sides where it folds in the middle.'
                    : 'Not pulled toward its sides.',
            ),
        ];
    }

    /** The roller that carries the backing, by the one name that it has on this frame. */
    private function roller(Setup $setup): string
    {
        return 'the ' . $setup->kind()->front();
    }

    private function minutes(?Attachment $attachment): float
    {
        return null === $attachment ? 4 : max(1.0, $attachment->minutes()) + 1;
    }

    /** From the front: the cloth goes onto its own roller at once. */
    private function windFromFront(Setup $setup): Step
    {
        [$cloth, $roller] = [$this->cloth($setup), $this->roller($setup)];
        $places = new Places($setup);
        $stop = $places->leadStop();
        $until = match ($setup->habits->stop) {
            EndStop::Reach => Phrase::of('until that end hangs %s behind the front bar', Figure::measured($stop)),
            EndStop::ShortOfBar => Phrase::of(
                'until that end lies %s short of the leveller bar',
                Figure::measured($places->shortOfBar()),
            ),
            EndStop::Well => Phrase::of('until that end drops off the leveller bar into the well'),
        };

        [$do, $figure] = $this->windingOn(
            $setup,
            Phrase::of("Wind the $cloth neatly onto $roller, its lead end thrown over the rear so that it drags,"),
            $until,
            $stop->plus($setup->plan->job->frame->size(FrameMeasure::RollerToBar)),
        );

        return $this->winding(
            $setup,
            'wind-on',
            $do,
            'It is wound once; hanging over the rear it draws itself straight.',
            'Wind back to where the edge still lay straight.',
            $figure,
            StatePart::Backing,
            static fn(ClothState $cloth): ClothState => $cloth->windOntoBacking($stop),
            $setup->habits->stop,
            $this->onTheWay($setup),
        );
    }

    /**
     * @param Length $left of the cloth, once it is wound so far
     *
     * @return array{Phrase, Phrase} what to do, and its figure; a short cloth may not reach round a roller yet
     */
    private function windingOn(Setup $setup, Phrase $way, Phrase $until, Length $left): array
    {
        $wound = $setup->plan->chosenPlan()->backing->squaredUp->along->minus($left);
        if (!$wound->isPositive()) {
            return [
                Phrase::of(
                    "The {$this->cloth(
                        $setup,
                    )} is too short to be wound yet: lay it over the bed, and keep the roller held.",
                ),
                Phrase::of('nothing to wind'),
            ];
        }
        $figure = Figure::measured($wound);

        return [
            Phrase::joined($way, $until, Phrase::of('(%s go on); hold it again.' . $this->stands($setup), $figure)),
            Phrase::of('%s on', $figure),
        ];
    }

    /** From the rear: the cloth waits on the take-up, so that the other end is attached without weight. */
    private function park(Setup $setup): Step
    {
        $cloth = $this->cloth($setup);
        $places = new Places($setup);
        $left = $places->notYetWound();

        [$do, $figure] = $this->windingOn(
            $setup,
            Phrase::of("Wind the $cloth loosely onto the take-up roller"),
            match ($setup->habits->stop) {
                EndStop::Reach => Phrase::of(
                    'until %s hang before the front bar',
                    Figure::measured($places->tailStop()),
                ),
                EndStop::ShortOfBar => Phrase::of(
                    'until its end lies %s short of the front bar',
                    Figure::measured($places->shortOfBar()),
                ),
                EndStop::Well => Phrase::of('until its end is about to drop off the front bar'),
            },
            $left,
        );

        return $this->winding(
            $setup,
            'wind-on',
            $do,
            'The other end is attached without weight on it; ripples do not matter yet.',
            'Wind back to where the edge still lay straight.',
            $figure,
            StatePart::TakeUp,
            static fn(ClothState $cloth): ClothState => $cloth->parkOnTakeUp($left),
            $setup->habits->stop,
        );
    }

    /** All of it onto the roller that feeds it, so that nothing but the leader is on the take-up. */
    private function windBack(Setup $setup): Step
    {
        [$cloth, $roller] = [$this->cloth($setup), $this->roller($setup)];
        $hold = (new Places($setup))->hold();
        $where = $hold->isNegative() ? 'behind' : 'in front of';
        $far = Figure::measured($hold->absolute());
        $isFront = LoadingPlace::Front === $setup->place();

        return $this->winding(
            $setup,
            'wind-back',
            $isFront
                ? Phrase::of("Wind the take-up forward until the lead hold stands %s $where the leveller bar.", $far)
                : Phrase::of(
                    "Wind the $cloth neatly onto $roller{$this->smoothing($setup)}, until the lead hold stands %s " .
                        "$where the leveller bar.",
                    $far,
                ),
            'From there on the batting and the top are measured; nothing but the leader is on the take-up.',
            'Wind to where the edge still lay straight, smooth, wind again.',
            Phrase::of('%s', $far),
            StatePart::TakeUp,
            static fn(ClothState $cloth): ClothState => $cloth->standAt($hold),
            $isFront ? null : $setup->habits->smoothing,
            $isFront ? [] : $this->onTheWay($setup),
        );
    }

    /**
     * @param \Closure(ClothState): ClothState $does
     * @param list<Phrase>                     $ticks
     */
    private function winding(
        Setup $setup,
        string $key,
        Phrase $do,
        string $why,
        string $otherwise,
        Phrase $figure,
        StatePart $held,
        \Closure $does,
        ?School $school,
        array $ticks = [],
    ): Step {
        $hasFlaps = null !== $setup->flap();

        return new Step(
            key: $key,
            group: Group::Backing,
            kind: StepKind::Wind,
            text: new StepText(
                do: $hasFlaps ? Phrase::joined($do, Phrase::of('Free the flaps before they come round.')) : $do,
                why: Phrase::of($why),
                check: Phrase::of(
                    EdgeRun::Stacked === $setup->habits->edgeRun
                        ? 'Side edges wind on over themselves.'
                        : 'No ripple runs in; the side edges may wander.',
                ),
                otherwise: Phrase::of($otherwise),
                figure: $figure,
                caution: Phrase::of(
                    'Hold the roll before unlocking; hair, cords and sleeves away from a motorised roller.',
                ),
            ),
            shows: Shown::Side,
            minutes: 3,
            needs: [
                ...$hasFlaps ? [] : [new Setting(StatePart::Flaps, 'free')],
                ...[new Setting(StatePart::Firmness, 'slack')],
            ],
            leaves: [new Setting($held, 'held'), ...$hasFlaps ? [new Setting(StatePart::Flaps, 'free')] : []],
            does: $does,
            school: $school,
            ticks: $ticks,
        );
    }

    private function even(Setup $setup): Step
    {
        $habit = $setup->habits->toAndFro;
        $times = ToAndFro::ThreeTimes === $habit ? 'three times' : 'twice';
        [$cloth, $roller] = [$this->cloth($setup), $this->roller($setup)];
        $hold = (new Places($setup))->hold();
        $ends = 'it ends on its own roller, the lead hold at its place';
        $wants =
            $setup->isLarge() || $setup->isStretchy() ? ' A large or stretchy cloth often wants a third time.' : '';

        return new Step(
            'even',
            Group::Backing,
            StepKind::Wind,
            new StepText(
                do: Phrase::of(
                    ToAndFro::IfLooser === $habit
                        ? "Feel along $roller. Only where a side is looser, wind the whole $cloth onto the take-up and " .
                            "back: $ends."
                        : "Free both rollers and wind the whole $cloth onto the take-up and back, $times: $ends.",
                ),
                why: Phrase::of('What was attached unevenly shares itself out.' . $wants),
                check: Phrase::of('Each time the selvedges lie on themselves, and no wrinkle runs in.'),
                otherwise: Phrase::of(
                    'Wind once more, a hand flat on the side that is looser. Looser still after three times: check the ' .
                        'leaders.',
                ),
                figure: Phrase::of(ToAndFro::IfLooser === $habit ? 'only if looser' : $times),
                caution: Phrase::of(
                    'Both rollers run free now: ' .
                        (People::Two === $setup->habits->people ? 'one of you at each.' : 'one hand on each.'),
                ),
            ),
            Shown::Side,
            match ($habit) {
                ToAndFro::ThreeTimes => 6,
                ToAndFro::Twice => 4,
                default => 1,
            },
            needs: [new Setting(StatePart::Flaps, 'free')],
            leaves: $this->ratchets('free'),
            does: static fn(ClothState $state): ClothState => $state->standAt($hold),
            school: $habit,
            weight: Weight::Habit,
        );
    }

    private function inspect(Setup $setup): Step
    {
        return new Step(
            'inspect',
            Group::Backing,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    'Hold both rollers, take up until it is firm, and look into the well between the bars and along ' .
                        'both rolls.',
                ),
                why: Phrase::of('Drag lines, ripples and a slack side are mended now or quilted in.'),
                check: Phrase::of('No diagonal pull, no crease, and both sides as firm as the centre.'),
                otherwise: Phrase::of(
                    'Creases: a little mist, and wait. A slack side: shift the attachment there, and wind again.',
                ),
                caution: Phrase::of('Mist away from motor, switches and rails.'),
            ),
            Shown::Side,
            3,
            leaves: [...$this->ratchets('held'), new Setting(StatePart::Firmness, 'firm')],
            reads: ReadingKind::Firmness,
        );
    }

    private function ease(Setup $setup): Step
    {
        [$clicks, $state] = $setup->is(Purpose::Basting) ? ['two clicks', 'loose'] : ['one click', 'softer'];

        return new Step(
            'ease',
            Group::Backing,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? "Let off $clicks: for basting it lies loose."
                        : "Let off $clicks: firm with give, never so that it rings.",
                ),
                why: Phrase::of(
                    $setup->is(Purpose::Basting)
                        ? 'What is basted tight puckers when it is loaded again.'
                        : 'A backing firmer than the other layers makes the edges curl.',
                ),
                check: Phrase::of('Pressed in the middle, the cloth gives and comes back.'),
                otherwise: Phrase::of('It hangs: take up a click. It rings: let off another.'),
                figure: Phrase::of($clicks),
            ),
            Shown::Side,
            1,
            needs: [new Setting(StatePart::TakeUp, 'held'), new Setting(StatePart::Backing, 'held')],
            leaves: [new Setting(StatePart::Firmness, $state)],
        );
    }

    /** @return list<Setting> */
    private function ratchets(string $value): array
    {
        return [new Setting(StatePart::TakeUp, $value), new Setting(StatePart::Backing, $value)];
    }
}
