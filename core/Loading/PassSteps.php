<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\StopKind;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\PickTime;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;

/**
 * What is done at every pass: stitch, let the clamps off, advance, smooth and read, baste the new sides, clamp.
 *
 * @internal
 */
final readonly class PassSteps
{
    public function __construct(private Grain $grain) {}

    public static function sideWay(Setup $setup): string
    {
        return SideBasting::FromBack !== $setup->habits->sides
            ? "from the {$setup->front()} back"
            : "from the back to the {$setup->front()}";
    }

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        foreach ($setup->winding->winds as $wind) {
            $moves = (new MoveSteps())->sideways($setup, $wind);
            if ($wind->turnsBefore) {
                (new TurnSteps())->addTo($sequence, $setup, $wind, $moves->first);
            } elseif ($wind->number > 1) {
                $sequence->add(...$this->advance($setup, $wind));
            }
            if ($wind->number === $setup->lastHoldPass()) {
                (new LastEdgeSteps())->addTo($sequence, $setup, $wind->number, $moves->first);
            }
            $isLate = PickTime::AfterBed === $setup->habits->pick;
            $sequence->add(
                ...$setup->isBastedAllOver() && !$isLate ? [$this->pick($setup, $wind)] : [],
                ...[$this->stitch($setup, $wind, $moves->first)],
                ...$moves->inTurn(fn(int $section): Step => $this->stitch($setup, $wind, $section)),
                ...$setup->isBastedAllOver() && $isLate ? [$this->pick($setup, $wind)] : [],
            );
        }
        foreach ($setup->winding->borders as $border) {
            $sequence->add((new TurnSteps())->border($setup, $border));
        }
    }

    /** @param int|null $section where the quilt is worked in sections */
    private function stitch(Setup $setup, Wind $wind, ?int $section): Step
    {
        $key = "pass-{$wind->number}-stitch" . (null === $section ? '' : "-section-$section");
        $parts = max(1, \count($setup->winding->sections));

        return new Step(
            $key,
            Group::Pass,
            StepKind::Stitch,
            $this->stitchText($setup, $wind, $section),
            Shown::Pass,
            1 +
                $setup->thread->byPass[$wind->number - 1]->toMillimetres() /
                    $setup->stitches->millimetresAMinute /
                    $parts,
            needs: [
                new Setting(StatePart::ChannelLock, 'off'),
                new Setting(StatePart::Pins, '0'),
                new Setting(StatePart::SideClamps, 'on'),
                ...Stitching::held($setup),
                ...$setup->is(Purpose::Basting)
                    ? [
                        new Setting(StatePart::Stitch, 'large basting'),
                        new Setting(StatePart::Tension, 'loosened'),
                        new Setting(StatePart::Firmness, 'loose'),
                    ]
                    : [
                        new Setting(StatePart::Stitch, 'quilting'),
                        new Setting(StatePart::Tension, 'usual'),
                        new Setting(StatePart::Foot, $setup->foot()),
                    ],
                ...TopSteps::crossesReference($setup) ? [new Setting(StatePart::Reference, 'out')] : [],
            ],
            pass: $wind->number,
            ticks: PassTicks::ofStitching($setup, $wind),
        );
    }

    /** Basting all over is picked bed by bed: nothing of it goes home in the quilt. */
    private function pick(Setup $setup, Wind $wind): Step
    {
        $isLate = PickTime::AfterBed === $setup->habits->pick;

        return new Step(
            "pass-{$wind->number}-pick",
            Group::Pass,
            StepKind::Set,
            new StepText(
                do: Phrase::of(
                    $isLate
                        ? 'From below, snip the basting lines of this bed every hand; pull their other thread out by its ends at the sides.'
                        : 'Pull the basting lines of this bed out by their ends at the sides, snipped in the middle.',
                ),
                why: Phrase::of(ucfirst($setup->habits->pick->reason()) . '.'),
                check: Phrase::of('No line across is left in this bed.'),
                otherwise: Phrase::of('Snip where it catches; never pull against a stitch.'),
                figure: Phrase::of('lines out'),
            ),
            Shown::Basting,
            2,
            does: static fn(ClothState $cloth): ClothState => $cloth->pick(LineKind::AllOver->value),
            pass: $wind->number,
            school: $setup->habits->pick,
        );
    }

    private function stitchText(Setup $setup, Wind $wind, ?int $section): StepText
    {
        $here = null === $section ? '' : ", section $section";
        if ($setup->is(Purpose::Basting)) {
            return $this->meanderText($setup, $wind, $here);
        }
        $cut = $setup->is(Purpose::Prebasted) ? ' Cut the basting ahead of the needle.' : '';

        return new StepText(
            do: $this->what($setup, $wind, $here),
            why: Phrase::joined(
                Phrase::of(
                    'The bed gives %s here, %s of it to spare.',
                    $wind->pass->depth()->figure,
                    Figure::left($wind->pass->spare()),
                ),
                ...$this->bobbins($setup, $wind->number),
            ),
            check: Phrase::of(
                'Look at the back, in a mirror or with a hand below: both threads lie as on the test.' . $cut,
            ),
            otherwise: Phrase::of('Stop, look at lint, needle and thread path before you blame the tension.'),
            figure: $this->figure($setup, $wind),
            caution: $this->cautions(
                $setup,
                $wind,
                'Hands clear of the needle; machine off to thread or change the bobbin.',
            ),
        );
    }

    /** @return list<Phrase> where a bobbin is changed in a pass, and whether it takes more than one bobbin to the row */
    private function bobbins(Setup $setup, int $pass): array
    {
        $changes = $setup->thread->changesIn($pass);
        $runsOut = [] === $changes && \in_array($pass, $setup->thread->runsOut, true);

        return [
            ...array_map(static fn(BobbinChange $change): Phrase => $change->words(), $changes),
            ...$runsOut
                ? [Phrase::of('A bobbin is likely to run out in this pass: change it at a point of the design.')]
                : [],
        ];
    }

    private function what(Setup $setup, Wind $wind, string $here): Phrase
    {
        $end = Figure::measured($wind->pass->to);
        $from = $wind->fromTail ? 'the tail edge' : 'the lead edge';
        $rows = $wind->pass->rows;
        $flipped =
            $wind->fromTail && true === $setup->plan->job->quilting?->isDirectional ? ', the design flipped' : '';
        if (null !== $rows) {
            return Phrase::of(
                "Stitch pass {$wind->number}$here: " .
                    (1 === $rows ? '1 row' : "$rows rows") .
                    "$flipped, down to %s from $from.",
                $end,
            );
        }
        $stop = $this->stopOf($setup, $wind);
        // The place is measured from an edge, and what is said of it comes after that.
        [$down, $said] = match ($stop?->kind) {
            StopKind::Seam => ['down to the seam at %s', ''],
            StopKind::Border => ['down to %s', ', within the border'],
            StopKind::Block => ['down to %s', ', inside a block, so that its lines stay open for the next pass'],
            null => ['down to the edge, %s', ''],
        };

        return Phrase::of("Stitch pass {$wind->number}$here$flipped, $down from $from$said.", $end);
    }

    private function stopOf(Setup $setup, Wind $wind): ?Stop
    {
        $place = $wind->fromTail ? $wind->from : $wind->to;
        foreach ($setup->winding->stops as $stop) {
            if (abs($stop->at->toMillimetres() - $place) < 0.5) {
                return $stop;
            }
        }

        return null;
    }

    private function figure(Setup $setup, Wind $wind): Phrase
    {
        return match ($wind->pass->rows) {
            null => Phrase::of('to %s', Figure::measured($wind->pass->to)),
            1 => Phrase::of('1 row'),
            default => Phrase::of($wind->pass->rows . ' rows'),
        };
    }

    private function meanderText(Setup $setup, Wind $wind, string $here): StepText
    {
        $hand = Figure::measured($setup->spacing());
        $snip = Figure::measured($setup->practice->at(Distance::Snip));

        return new StepText(
            do: Phrase::of(
                "Baste pass {$wind->number}$here with one large meander, lines %s apart, with a stop for snipping " .
                    'every %s.',
                $hand,
                $snip,
            ),
            why: Phrase::of('Large and loose, it is pulled out in short lengths.'),
            check: Phrase::of('No two lines cross; fewest lines where the quilting will start.'),
            otherwise: Phrase::of('Go round the other way: a crossing locks two threads together.'),
            figure: Phrase::of('%s apart', $hand),
            caution: $this->cautions($setup, $wind, 'Hands clear of the needle.'),
        );
    }

    /** What was marked in this bed comes before what is always so. */
    private function cautions(Setup $setup, Wind $wind, string $always): Phrase
    {
        $marked = MarkSteps::caution($setup, $wind);

        return null === $marked ? Phrase::of($always) : Phrase::joined($marked, Phrase::of($always));
    }

    /** @return list<Step> from the pass before to this one */
    private function advance(Setup $setup, Wind $wind): array
    {
        return match ($this->grain) {
            Grain::Fine => [
                $this->release($setup, $wind),
                $this->wind($setup, $wind, false),
                $this->smooth($setup, $wind),
                $this->sides($setup, $wind),
                $this->clamp($setup, $wind),
            ],
            Grain::Middle => [$this->wind($setup, $wind, true), $this->settle($setup, $wind)],
            Grain::Coarse => [$this->windAndSettle($setup, $wind)],
        };
    }

    private function release(Setup $setup, Wind $wind): Step
    {
        return new Step(
            "pass-{$wind->number}-release",
            Group::Pass,
            StepKind::Release,
            new StepText(
                do: Phrase::of(
                    'Let the side clamps off by hand, and watch the cloth' .
                        $this->hangingOff($setup, $wind, ', then take ') .
                        '.',
                ),
                why: Phrase::of('Clamped cloth tears at its edge when it is advanced.'),
                check: Phrase::of('It jumps back by no more than %s.', SideClampSteps::jump()),
                otherwise: Phrase::of('The clamps were too keen: set them lighter next time.'),
                figure: Phrase::of('at most %s', SideClampSteps::jump()),
                caution: Phrase::of('Elastic straps fly back: hold them.'),
            ),
            Shown::Bed,
            0.5,
            leaves: [new Setting(StatePart::SideClamps, 'off')],
            reads: ReadingKind::Release,
            pass: $wind->number,
            does: static fn(ClothState $cloth): ClothState => self::letOff($cloth),
        );
    }

    private function wind(Setup $setup, Wind $wind, bool $withClamps): Step
    {
        return new Step(
            "pass-{$wind->number}-advance",
            Group::Pass,
            StepKind::Advance,
            new StepText(
                do: $this->windText(
                    $setup,
                    $wind,
                    $withClamps ? 'Side clamps off' . $this->hangingOff($setup, $wind, ', ') . ', then wind' : 'Wind',
                ),
                why: Phrase::of(
                    "It brings up the bed of pass {$wind->number}; the roll is %s thick then.",
                    $wind->pass->rollDiameter()->figure,
                ),
                check: Phrase::of(
                    ($withClamps && $setup->isStretchy() ? 'The cloth jumps back by no more than %s. ' : '') .
                        ($setup->hasMarks()
                            ? 'The marks are still on their places.'
                            : 'The roll has wound on straight.'),
                    ...$withClamps && $setup->isStretchy() ? [SideClampSteps::jump()] : [],
                ),
                otherwise: Phrase::of('Let off, smooth from the centre out, wind again.'),
                figure: $this->far($setup, $wind),
                caution: $this->windCaution($setup),
            ),
            Shown::Side,
            1,
            needs: $this->needsToWind($setup, $withClamps),
            leaves: [new Setting(StatePart::SideClamps, 'off'), ...Stitching::held($setup)],
            reads: $withClamps && $setup->isStretchy() ? ReadingKind::Release : ReadingKind::None,
            pass: $wind->number,
            does: $this->winds($setup, $wind),
        );
    }

    private function windText(Setup $setup, Wind $wind, string $opening): Phrase
    {
        $before = $setup->wind($wind->number - 1)->pass;
        $advance = Figure::measured($before->advance ?? Length::zero());
        $turn = 'the ' . $setup->kind()->back();

        $holders = $this->otherHolders($setup, $wind);

        return null !== $before->clicks
            ? Phrase::of("$opening $turn forward {$before->clicks} clicks, %s.$holders", $advance)
            : Phrase::of(
                "$opening $turn forward " . number_format($before->turns ?? 0, 2) . " turns, %s.$holders",
                $advance,
            );
    }

    /** On poles the loose roll grows thinner: where smaller clips hold it from now on, that is said. */
    private function otherHolders(Setup $setup, Wind $wind): string
    {
        if (!$setup->isClamped()) {
            return '';
        }
        $now = ClampFrameSteps::holders($setup, $wind->pass->wound);

        return $now === ClampFrameSteps::holders($setup, $setup->wind($wind->number - 1)->pass->wound)
            ? ''
            : " The loose roll is thin by now: hold it with $now spring clips from here on.";
    }

    private function far(Setup $setup, Wind $wind): Phrase
    {
        $before = $setup->wind($wind->number - 1)->pass;
        $advance = Figure::measured($before->advance ?? Length::zero());

        return null !== $before->clicks
            ? Phrase::of("{$before->clicks} clicks, %s", $advance)
            : Phrase::of(number_format($before->turns ?? 0, 2) . ' turns, %s', $advance);
    }

    private function windCaution(Setup $setup): Phrase
    {
        return Phrase::of(
            $setup->isClamped()
                ? 'Spring clamps fly back: let them off by hand, and hold the roll.'
                : 'Hold the roll before unlocking; hands, hair and cords away from what turns.',
        );
    }

    /** @return list<Setting> */
    private function needsToWind(Setup $setup, bool $withClamps): array
    {
        return [
            new Setting(StatePart::Pins, '0'),
            new Setting(StatePart::Flaps, 'free'),
            ...$withClamps ? [] : [new Setting(StatePart::SideClamps, 'off')],
            ...Stitching::held($setup),
        ];
    }

    private function smooth(Setup $setup, Wind $wind): Step
    {
        $on = $this->hangingOn($setup, $wind);

        return new Step(
            "pass-{$wind->number}-smooth",
            Group::Pass,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    ('' === $on ? 'Smooth' : ucfirst(ltrim($on, ', ')) . '; smooth') .
                        match (true) {
                            $setup->hasMarks() => ' from the centre out and read the register at left and right.',
                            $setup->isInSections()
                                => ' from the centre out and lay the last stitched line along the rails.',
                            default => ' from the centre out.',
                        },
                ),
                why: Phrase::of(
                    $setup->hasMarks()
                        ? 'Three readings tell where the top is drifting to.'
                        : 'The advance is where cloth wanders.',
                ),
                check: $setup->hasMarks()
                    ? Phrase::of('Both marks within %s of their places.', SideClampSteps::jump())
                    : Phrase::of('All layers lie flat, none is ahead of another.'),
                otherwise: Phrase::of('Smooth against the drift; look whether one roller is tighter.'),
                caution: $this->ahead($setup, $wind),
            ),
            Shown::Bed,
            1,
            reads: $setup->hasMarks() ? ReadingKind::Register : ReadingKind::None,
            pass: $wind->number,
            does: $this->hangs($setup, $wind),
        );
    }

    /** What the new bed is laid straight by. */
    private function aligned(Setup $setup): string
    {
        return match (true) {
            $setup->hasMarks() => 'read both marks, ',
            $setup->isInSections() => 'lay the last stitched line along the rails, ',
            default => '',
        };
    }

    private function ahead(Setup $setup, Wind $wind): ?Phrase
    {
        return $wind->number + 1 === $setup->lastHoldPass() ? LastEdgeSteps::ahead($setup) : null;
    }

    private function sides(Setup $setup, Wind $wind): Step
    {
        $isPrebasted = $setup->is(Purpose::Prebasted);

        return new Step(
            "pass-{$wind->number}-sides",
            Group::Pass,
            StepKind::Baste,
            new StepText(
                do: Phrase::of(
                    $isPrebasted
                        ? 'Cut the basting of the new bed where the quilting will cross it.'
                        : rtrim(
                                "Baste the {$setup->newSides()} " .
                                    self::sideWay($setup) .
                                    $this->allOver($setup) .
                                    $this->atBastingLength($setup),
                                ',',
                            ) . '.',
                    ...$this->allOverFigures($setup),
                ),
                why: Phrase::of(
                    $isPrebasted
                        ? 'Basting that is quilted over is hard to pick.'
                        : 'Stitching that reaches an open side catches it.',
                ),
                check: Phrase::of(
                    $isPrebasted ? 'All layers lie flat without it.' : 'No further inside than %s.',
                    ...$isPrebasted ? [] : [SideClampSteps::jump()],
                ),
                otherwise: Phrase::of($isPrebasted ? 'Smooth, and pin what moves.' : 'A second line nearer the edge.'),
            ),
            Shown::Basting,
            1,
            leaves: $isPrebasted ? [] : [new Setting(StatePart::Stitch, $setup->bastingState())],
            pass: $wind->number,
            does: $this->bastes($setup, $wind),
        );
    }

    private function atBastingLength(Setup $setup): string
    {
        return $this->isLong($setup) ? " at {$setup->bastingStitches()} stitches an inch" : '';
    }

    private function isLong(Setup $setup): bool
    {
        return $setup->is(Purpose::Quilting) && BastingStitch::Long === $setup->habits->stitch;
    }

    private function setsBack(Setup $setup): string
    {
        return $this->isLong($setup) ? "set the stitch back to {$setup->stitches->quiltingPerInch}" : '';
    }

    private function clamp(Setup $setup, Wind $wind): Step
    {
        $back = $this->setsBack($setup);

        return new Step(
            "pass-{$wind->number}-clamp",
            Group::Pass,
            StepKind::Clamp,
            new StepText(
                do: Phrase::of(
                    ucfirst(
                        ('' === $back ? '' : "$back and ") .
                            'put the side clamps on, ' .
                            $setup->habits->clampFirmness->words() .
                            '.',
                    ),
                ),
                why: Phrase::of(
                    '' === $back
                        ? 'They keep the backing from folding under.'
                        : 'Otherwise the next row is stitched at basting length.',
                ),
                check: Phrase::of('Straight sides, and clamps clear of the path.'),
                otherwise: Phrase::of('Wider bites, lighter straps.'),
                figure: '' === $back
                    ? Phrase::of('clamps on')
                    : Phrase::of("{$setup->stitches->quiltingPerInch} an inch"),
            ),
            Shown::Bed,
            0.7,
            leaves: $this->settled($setup),
            pass: $wind->number,
            does: $this->clamps($setup),
        );
    }

    /** @return list<Setting> */
    private function settled(Setup $setup): array
    {
        return [
            new Setting(StatePart::SideClamps, 'on'),
            ...$this->isLong($setup) ? [new Setting(StatePart::Stitch, 'quilting')] : [],
        ];
    }

    private function settle(Setup $setup, Wind $wind): Step
    {
        return new Step(
            "pass-{$wind->number}-settle",
            Group::Pass,
            StepKind::Settle,
            new StepText(
                do: Phrase::of(
                    'Smooth from the centre out' .
                        $this->hangingOn($setup, $wind) .
                        ', ' .
                        $this->aligned($setup) .
                        $this->rest($setup) .
                        '.',
                    ...$this->allOverFigures($setup),
                ),
                why: Phrase::of(
                    'The advance is where cloth wanders' .
                        ($setup->hasMarks() ? '; three readings tell where to.' : '.'),
                ),
                check: $setup->hasMarks()
                    ? Phrase::of('Marks within %s of their places; sides flat and straight.', SideClampSteps::jump())
                    : Phrase::of('All layers flat, sides straight.'),
                otherwise: Phrase::of('Smooth against the drift; look whether one roller is tighter.'),
                figure: $this->isLong($setup)
                    ? Phrase::of("back to {$setup->stitches->quiltingPerInch} an inch")
                    : null,
                caution: $this->ahead($setup, $wind),
            ),
            Shown::Basting,
            2.5,
            leaves: $this->settled($setup),
            reads: $setup->hasMarks() ? ReadingKind::Register : ReadingKind::None,
            pass: $wind->number,
            ticks: PassTicks::ofSettling($setup, '' !== $this->hangingOn($setup, $wind)),
            does: $this->inTurn($this->hangs($setup, $wind), $this->bastes($setup, $wind), $this->clamps($setup)),
        );
    }

    /** What follows the reading, in one breath. */
    private function rest(Setup $setup): string
    {
        if ($setup->is(Purpose::Prebasted)) {
            return 'cut the basting of the new bed where it will be crossed, and put the clamps on';
        }
        $back = $this->setsBack($setup);

        return "baste the {$setup->newSides()} " .
            self::sideWay($setup) .
            $this->allOver($setup) .
            $this->atBastingLength($setup) .
            ('' === $back ? ' and put the clamps on' : ", $back, and put the clamps on");
    }

    private function windAndSettle(Setup $setup, Wind $wind): Step
    {
        return new Step(
            "pass-{$wind->number}-advance",
            Group::Pass,
            StepKind::Advance,
            new StepText(
                do: $this->windText($setup, $wind, 'Clamps off' . $this->hangingOff($setup, $wind, ', ') . ', wind'),
                why: Phrase::of(
                    "It brings up the bed of pass {$wind->number}; the roll is %s thick then.",
                    $wind->pass->rollDiameter()->figure,
                ),
                check: Phrase::of(
                    'Then smooth' .
                        $this->hangingOn($setup, $wind) .
                        ', ' .
                        $this->aligned($setup) .
                        $this->rest($setup) .
                        '.',
                    ...$this->allOverFigures($setup),
                ),
                otherwise: Phrase::of('Let off, smooth from the centre out, wind again.'),
                figure: $this->far($setup, $wind),
                caution: $this->ahead($setup, $wind) ?? $this->windCaution($setup),
            ),
            Shown::Side,
            3.5,
            needs: $this->needsToWind($setup, true),
            leaves: $this->settled($setup),
            reads: $setup->hasMarks() ? ReadingKind::Register : ReadingKind::None,
            pass: $wind->number,
            ticks: [
                ...PassTicks::ofWinding($setup, '' !== $this->hangingOff($setup, $wind, '')),
                ...PassTicks::ofSettling($setup, '' !== $this->hangingOn($setup, $wind)),
            ],
            does: $this->inTurn(
                $this->winds($setup, $wind),
                $this->hangs($setup, $wind),
                $this->bastes($setup, $wind),
                $this->clamps($setup),
            ),
        );
    }

    /** What holds the hanging end, as it comes off before the bar turns. */
    private function hangingOff(Setup $setup, Wind $wind, string $before): string
    {
        return $setup->holdsHangingEnd() && $this->stillHangs($setup, $setup->wind($wind->number - 1))
            ? $before . 'the ' . TopSteps::hanging($setup)->kind . ' off the hanging end'
            : '';
    }

    /** The same, as it is laid on again; once the tail edge is in the bed there is nothing left to hold. */
    private function hangingOn(Setup $setup, Wind $wind): string
    {
        return $setup->holdsHangingEnd() && $this->stillHangs($setup, $wind)
            ? ', draw the hanging end straight and lay the ' . TopSteps::hanging($setup)->kind . ' on again'
            : '';
    }

    private function stillHangs(Setup $setup, Wind $wind): bool
    {
        return null !== $setup->lastHoldPass() && $wind->number < $setup->lastHoldPass();
    }

    private function allOver(Setup $setup): string
    {
        return $setup->isBastedAllOver() ? ' and lines across, %s apart,' : '';
    }

    /** @return list<Figure> */
    private function allOverFigures(Setup $setup): array
    {
        return $setup->isBastedAllOver() ? [Figure::measured($setup->spacing())] : [];
    }

    /** What has to be off before a roller turns. */
    private static function letOff(ClothState $cloth): ClothState
    {
        return $cloth->takeAny('side', 'hanging-end');
    }

    /** @return \Closure(ClothState): ClothState */
    private function winds(Setup $setup, Wind $wind): \Closure
    {
        $past = $setup->wind($wind->number)->pass->wound;

        return static fn(ClothState $cloth): ClothState => self::letOff($cloth)->advance($past);
    }

    /** @return \Closure(ClothState): ClothState */
    private function hangs(Setup $setup, Wind $wind): \Closure
    {
        $pieces = TopSteps::hanging($setup);

        return $setup->holdsHangingEnd() && $this->stillHangs($setup, $wind)
            ? static fn(ClothState $cloth): ClothState => $cloth->put('hanging-end', $pieces)
            : static fn(ClothState $cloth): ClothState => $cloth;
    }

    /** @return \Closure(ClothState): ClothState */
    private function bastes(Setup $setup, Wind $wind): \Closure
    {
        if ($setup->is(Purpose::Prebasted)) {
            return static fn(ClothState $cloth): ClothState => $cloth;
        }
        $number = $wind->number;
        $lines = [
            "side-$number" => new LineIn(LineKind::Side, null, true),
            ...$setup->isBastedAllOver() ? ["all-over-$number" => new LineIn(LineKind::AllOver, null, false)] : [],
        ];

        return static fn(ClothState $cloth): ClothState => $cloth->basteAll($lines);
    }

    /** @return \Closure(ClothState): ClothState */
    private function clamps(Setup $setup): \Closure
    {
        $pieces = $setup->sideClamps()->pieces;

        return static fn(ClothState $cloth): ClothState => $cloth->put('side', $pieces);
    }

    /**
     * @param \Closure(ClothState): ClothState ...$all
     *
     * @return \Closure(ClothState): ClothState
     */
    private function inTurn(\Closure ...$all): \Closure
    {
        return static function (ClothState $cloth) use ($all): ClothState {
            foreach ($all as $one) {
                $cloth = $one($cloth);
            }

            return $cloth;
        };
    }
}
