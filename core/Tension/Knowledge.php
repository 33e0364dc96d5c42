<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem as Hold;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;

/**
 * What the trade knows of faults in the layers: each cause with what it shows, what speaks for and against it, one
 * test,
 * what to do now and what next time. Everyday knowledge, as data; DiagnosisRule reasons with it.
 */
final class Knowledge
{
    private static ?self $known = null;
    /** @var array<string, CauseEntry> by the words of Cause */
    public readonly array $entries;

    /** @param array<string, CauseEntry> $entries */
    private function __construct(array $entries)
    {
        $this->entries = $entries;
    }

    /** Loaded once; it never changes. */
    public static function ofTheTrade(): self
    {
        if (null === self::$known) {
            $entries = [];
            foreach (
                [
                    ...self::leadersAndAttachment(),
                    ...self::tensionAndClamps(),
                    ...self::topAndEdges(),
                    ...self::layersAndFrame(),
                ]
                as $entry
            ) {
                $entries[$entry->cause->value] = $entry;
            }
            self::$known = new self($entries);
        }

        return self::$known;
    }

    public function of(Cause $cause): CauseEntry
    {
        return $this->entries[$cause->value];
    }

    /** @param \Closure(Circumstances): ?bool $holds */
    private static function for(int $weight, string $says, \Closure $holds): Hint
    {
        return new Hint($weight, $says, $holds);
    }

    /** @return list<CauseEntry> */
    private static function leadersAndAttachment(): array
    {
        return [
            new CauseEntry(
                Cause::LeaderCrooked,
                'a leader is not straight',
                ['side-dip' => 3, 'drag-line' => 2, 'skew' => 2],
                [
                    self::for(
                        +1,
                        'that side dipped on an earlier quilt',
                        static fn(Circumstances $c): ?bool => null === $c->seen->sameSideBefore
                            ? null
                            : 1 === $c->seen->sameSideBefore,
                    ),
                    self::for(
                        +2,
                        'that side dipped on several earlier quilts',
                        static fn(Circumstances $c): ?bool => null === $c->seen->sameSideBefore
                            ? null
                            : $c->seen->sameSideBefore > 1,
                    ),
                    self::for(
                        +1,
                        'the leaders have not been looked at for many loads',
                        static fn(Circumstances $c): ?bool => null === $c->hold->loadsSinceLeaderCheck
                            ? null
                            : $c->hold->loadsSinceLeaderCheck >= Circumstances::MANY_LOADS,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'this frame has no leaders',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : !$c->frame->frameKind->hasLeaders(),
                    ),
                ],
                'Stitch a line across the leader with the lock on, and measure from it to the edge.',
                'The line runs out',
                'It runs even',
                'Take up the slack: shift the attachment on that side.',
                'Re-hem to the line, and check all leaders.',
            ),
            new CauseEntry(
                Cause::LeaderWornCentre,
                'the leader is stretched where it is always loaded',
                ['centre-dip' => 3],
                [
                    self::for(
                        +1,
                        'quilts always hang from the centre',
                        static fn(Circumstances $c): ?bool => $c->hold->alwaysCentred,
                    ),
                    self::for(
                        +1,
                        'the leaders have not been looked at for many loads',
                        static fn(Circumstances $c): ?bool => null === $c->hold->loadsSinceLeaderCheck
                            ? null
                            : $c->hold->loadsSinceLeaderCheck >= Circumstances::MANY_LOADS,
                    ),
                    self::for(
                        +1,
                        'the middle dipped on an earlier quilt',
                        static fn(Circumstances $c): ?bool => null === $c->seen->centreDipsBefore
                            ? null
                            : 1 === $c->seen->centreDipsBefore,
                    ),
                    self::for(
                        +2,
                        'the middle dipped on several earlier quilts',
                        static fn(Circumstances $c): ?bool => null === $c->seen->centreDipsBefore
                            ? null
                            : $c->seen->centreDipsBefore > 1,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'this frame has no leaders',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : !$c->frame->frameKind->hasLeaders(),
                    ),
                ],
                'Stitch a line across the leader with the lock on, and compare its middle with its ends.',
                'The middle is longer',
                'It is as long as the ends',
                'Ease it: attach deeper in the middle.',
                'Load in turn along the leader, and re-hem it.',
            ),
            new CauseEntry(
                Cause::BackingCrooked,
                'the backing is not cut square',
                ['drag-line' => 3, 'side-dip' => 2, 'cross-ripple' => 1, 'skew' => 1],
                [
                    self::for(
                        +1,
                        'it was measured out of square',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->backingSquared
                            ? null
                            : !$c->cloth->backingSquared,
                    ),
                    self::for(
                        -1,
                        'it was measured square',
                        static fn(Circumstances $c): ?bool => $c->cloth->backingSquared,
                    ),
                ],
                'Fold its ends together, or measure the diagonal.',
                'They do not meet',
                'They meet',
                'Shift one end sideways until the pull goes.',
                'Square the backing before it is loaded.',
            ),
            new CauseEntry(
                Cause::AttachedUneven,
                'the edge was not held parallel along the leader',
                ['side-dip' => 2, 'drag-line' => 2, 'centre-dip' => 1, 'cross-ripple' => 2],
                [
                    self::for(
                        +1,
                        'its pins stand far apart on a wavy edge',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing ||
                        null === $c->cloth->fullnessPercent
                            ? null
                            : $c->hold->pinSpacing->isLongerThan(Length::inches(5)) && $c->cloth->fullnessPercent > 0.5,
                    ),
                    self::for(
                        -1,
                        'clips or a zip hold the whole edge',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leadMethod
                            ? null
                            : \in_array($c->hold->leadMethod, [Hold::ChannelClips, Hold::Zip], true),
                    ),
                ],
                'Look along the edge against the ticks.',
                'It wanders off the ticks',
                'It follows the ticks',
                'Attach it again from the centre.',
                'By the ticks, from the centre out.',
            ),
            new CauseEntry(
                Cause::AttachedOffCentre,
                'one end is off its centre',
                ['drag-line' => 3, 'skew' => 2, 'drift' => 1],
                [
                    self::for(
                        +1,
                        'the centres were not marked',
                        static fn(Circumstances $c): ?bool => null === $c->hold->centresMarked
                            ? null
                            : !$c->hold->centresMarked,
                    ),
                    self::for(
                        -1,
                        'the centres were marked',
                        static fn(Circumstances $c): ?bool => $c->hold->centresMarked,
                    ),
                ],
                'Measure the centre marks of both ends with a tape.',
                'They stand apart',
                'They meet',
                'Shift that end.',
                'Mark all centres first.',
            ),
            new CauseEntry(
                Cause::NotEvened,
                'the backing was wound once and not worked back and forth',
                ['side-dip' => 2, 'centre-dip' => 2, 'both-sides-dip' => 1, 'cross-ripple' => 2],
                [
                    self::for(
                        +1,
                        'it was wound only once',
                        static fn(Circumstances $c): ?bool => null === $c->hold->evened ? null : !$c->hold->evened,
                    ),
                    self::for(
                        -1,
                        'it was rolled back and forth',
                        static fn(Circumstances $c): ?bool => $c->hold->evened,
                    ),
                    self::for(+1, 'it is large', static fn(Circumstances $c): ?bool => $c->isOver(90)),
                ],
                'Wind it all to one roller and back.',
                'It is better after that',
                'It stays as it was',
                'Wind back and forth two or three times.',
                'Make it a step of every load.',
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function tensionAndClamps(): array
    {
        return [
            new CauseEntry(
                Cause::BackingOvertight,
                'the backing is firmer than the other layers',
                ['curl-to-back' => 3, 'rings-tight' => 2, 'poor-stitches' => 1, 'snap-back' => 1],
                [
                    self::for(
                        +1,
                        'it was felt to be the firmer',
                        static fn(Circumstances $c): ?bool => null === $c->seen->firmness
                            ? null
                            : $c->seen->firmness->balance() >= 1,
                    ),
                    self::for(
                        -1,
                        'both layers were felt to be alike',
                        static fn(Circumstances $c): ?bool => null === $c->seen->firmness
                            ? null
                            : abs($c->seen->firmness->balance()) < 0.5,
                    ),
                ],
                'Press the bed in the middle: does it give?',
                'It hardly gives',
                'It gives',
                'Let off a click or two.',
                'Firm with give.',
            ),
            new CauseEntry(
                Cause::TopOvertight,
                'the top is pulled harder than the backing',
                ['curl-to-front' => 3, 'rings-tight' => 2, 'top-pleat' => 1],
                [
                    self::for(
                        +1,
                        'the top is on a roller',
                        static fn(Circumstances $c): ?bool => null === $c->top->float
                            ? null
                            : FloatKind::Full !== $c->top->float,
                    ),
                    self::for(
                        -1,
                        'the top floats',
                        static fn(Circumstances $c): ?bool => null === $c->top->float
                            ? null
                            : FloatKind::Full === $c->top->float,
                    ),
                    self::for(
                        +1,
                        'it was felt to be the firmer',
                        static fn(Circumstances $c): ?bool => null === $c->seen->firmness
                            ? null
                            : $c->seen->firmness->balance() <= -1,
                    ),
                ],
                'Look whether the lines of the piecing bend.',
                'They bend',
                'They run straight',
                'Let the top roller off.',
                'Smooth it, do not pull it.',
            ),
            new CauseEntry(
                Cause::SideClampsTight,
                'the side clamps pull too hard',
                ['snap-back' => 3, 'scalloped-side' => 2, 'ripples-off-frame' => 2, 'drag-line' => 1],
                [
                    self::for(
                        +1,
                        'the backing stretches across',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch
                            ? null
                            : Stretch::Across === $c->cloth->stretch,
                    ),
                ],
                'Let one clamp off and watch the cloth.',
                'The cloth jumps',
                'It stays',
                'Set them again, just straight.',
                'A wide bite, and light.',
            ),
            new CauseEntry(
                Cause::SideClampsNarrow,
                'the side clamps bite too little',
                ['scalloped-side' => 3, 'backing-pucker' => 1],
                [
                    self::for(
                        +1,
                        'only narrow clamps are at hand',
                        static fn(Circumstances $c): ?bool => null === $c->hold->sideClamps
                            ? null
                            : ClampWidth::Narrow === $c->hold->sideClamps,
                    ),
                    self::for(
                        -1,
                        'wide clamps are used',
                        static fn(Circumstances $c): ?bool => null === $c->hold->sideClamps
                            ? null
                            : ClampWidth::Wide === $c->hold->sideClamps,
                    ),
                ],
                'Look along the side: a wave between every two clamps?',
                'A wave between them',
                'The side runs straight',
                'More clamps, or a rod along the side.',
                'Wide clamps, or a rod.',
            ),
            new CauseEntry(
                Cause::StretchRollerToRoller,
                'the stretch of the backing lies from roller to roller',
                [
                    'ripples-off-frame' => 3,
                    'curl-to-back' => 1,
                    'snap-back' => 2,
                    'centre-dip' => 1,
                    'rings-tight' => 1,
                ],
                [
                    self::for(
                        +1,
                        'it stretches from roller to roller',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch
                            ? null
                            : Stretch::Along === $c->cloth->stretch && true !== $c->cloth->backingKind?->isStretchy(),
                    ),
                    self::for(
                        +2,
                        'such a cloth is loaded so',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch ||
                        null === $c->cloth->backingKind
                            ? null
                            : Stretch::Along === $c->cloth->stretch && $c->cloth->backingKind->isStretchy(),
                    ),
                    self::for(
                        -1,
                        'it stretches along the rails',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch
                            ? null
                            : Stretch::Across === $c->cloth->stretch,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'it does not stretch',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch
                            ? null
                            : Stretch::None === $c->cloth->stretch && true !== $c->cloth->backingKind?->isStretchy(),
                    ),
                ],
                'Pull the cloth both ways by hand.',
                'It gives from roller to roller',
                'It does not give that way',
                'Slacken the rollers; load it turned if it is early.',
                'The stretch along the rollers.',
            ),
            new CauseEntry(
                Cause::SeamWindsOnItself,
                'a seam runs with the quilt and winds on itself',
                ['roll-ridge' => 3, 'both-sides-dip' => 3, 'side-dip' => 1],
                [
                    self::for(
                        +1,
                        'a seam lies from roller to roller',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->seam
                            ? null
                            : SeamLie::RollerToRoller === $c->cloth->seam,
                    ),
                    self::for(+1, 'the quilt is long', static fn(Circumstances $c): ?bool => $c->isLong()),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'no seam lies that way',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->seam
                            ? null
                            : SeamLie::RollerToRoller !== $c->cloth->seam,
                    ),
                ],
                'Feel the roll at the seam.',
                'It stands proud there',
                'The roll is even',
                'Pad the roll at the sides with a strip of batting.',
                'The seam along the rollers.',
            ),
            new CauseEntry(
                Cause::TooSlack,
                'everything is too loose',
                ['bounce' => 3, 'backing-pucker' => 2, 'top-pleat' => 1, 'poor-stitches' => 2],
                [
                    self::for(
                        +1,
                        'it was felt to hang',
                        static fn(Circumstances $c): ?bool => $c->seen->firmness?->has(Firmness::Hangs),
                    ),
                ],
                'Press the bed: does it come back?',
                'It stays down',
                'It comes back',
                'Take up a click.',
                'Firm with give.',
            ),
            new CauseEntry(
                Cause::OneRatchetBehind,
                'a roller is held a click back at one end',
                ['side-dip' => 3, 'drag-line' => 1, 'skew' => 1],
                [
                    self::for(
                        +1,
                        'the side changes from advance to advance',
                        static fn(Circumstances $c): ?bool => $c->seen->sideAlternates,
                    ),
                    self::for(
                        -1,
                        'it is always the same side',
                        static fn(Circumstances $c): ?bool => null === $c->seen->sameSideBefore
                            ? null
                            : $c->seen->sameSideBefore > 0,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'the advance is motorised',
                        static fn(Circumstances $c): ?bool => $c->frame->motorised,
                    ),
                ],
                'Look at both ratchets.',
                'One stands behind',
                'Both stand alike',
                'Reset both.',
                'Lock both before you let go.',
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function topAndEdges(): array
    {
        return [
            new CauseEntry(
                Cause::BorderFull,
                'the border is longer than the body',
                ['edge-fullness' => 3, 'top-pleat' => 2, 'bubble-ahead' => 1, 'foot-catch' => 1],
                [
                    self::for(
                        +1,
                        'the edge was measured to be full',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->fullnessPercent
                            ? null
                            : $c->cloth->fullnessPercent > 0.5,
                    ),
                    self::for(
                        -1,
                        'the edge was measured to be flat',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->fullnessPercent
                            ? null
                            : $c->cloth->fullnessPercent <= 0.5,
                    ),
                ],
                'Measure the edge and the middle.',
                'The edge is longer',
                'They are alike',
                'Walk it in while basting; a wavy line; steam if the cloth allows.',
                'Tell the client how borders are measured.',
            ),
            new CauseEntry(
                Cause::AirWalks,
                'the ordinary cushion of cloth moves before the foot',
                ['bubble-ahead' => 3, 'edge-fullness' => 1],
                [
                    self::for(
                        +1,
                        'the top was felt to be loose',
                        static fn(Circumstances $c): ?bool => null === $c->seen->firmness
                            ? null
                            : min(array_map(static fn(Firmness $step): int => $step->value, $c->seen->firmness->top)) <=
                                Firmness::Soft->value,
                    ),
                    self::for(
                        -1,
                        'it was felt to be tight',
                        static fn(Circumstances $c): ?bool => null === $c->seen->firmness
                            ? null
                            : $c->seen->firmness->has(Firmness::Tight) || $c->seen->firmness->has(Firmness::Rings),
                    ),
                ],
                'Lift the foot: does it go flat?',
                'It goes flat',
                'It stays',
                'Flatten it with the hand as you come.',
                'A disc foot.',
            ),
            new CauseEntry(
                Cause::TopBastedStretched,
                'the top was pulled while its edge was basted',
                ['skew' => 2, 'drift' => 2, 'top-pleat' => 2, 'curl-to-front' => 1],
                [
                    self::for(
                        +1,
                        'its edge stretches',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->fullnessPercent
                            ? null
                            : $c->cloth->fullnessPercent > 1,
                    ),
                ],
                'Does the centre of the top still meet its mark?',
                'It has moved off',
                'It meets its mark',
                'Take the basting out from the worse end.',
                'From the centre out, with still hands.',
            ),
            new CauseEntry(
                Cause::LeanedOnBar,
                'the front bar was pushed while aligning',
                ['skew' => 2, 'drift' => 1, 'cross-ripple' => 1],
                [
                    self::for(
                        +1,
                        'it is the first pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::First === $c->seen->pass,
                    ),
                ],
                'Let go of the bar and look again.',
                'It lies true now',
                'It is as before',
                'Align again, hands off.',
                'Feet back, eyes over it.',
            ),
            new CauseEntry(
                Cause::AlignedToWavyEdge,
                'the top was set by its outer edge',
                ['skew' => 3, 'drift' => 2, 'edge-fullness' => 1],
                [
                    self::for(
                        +1,
                        'it was aligned by its edge',
                        static fn(Circumstances $c): ?bool => null === $c->top->alignedBy
                            ? null
                            : Alignment::Edge === $c->top->alignedBy,
                    ),
                    self::for(
                        +1,
                        'that edge is full',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->fullnessPercent ||
                        null === $c->top->alignedBy
                            ? null
                            : Alignment::Edge === $c->top->alignedBy && $c->cloth->fullnessPercent > 0.5,
                    ),
                    self::for(
                        -2,
                        'it was aligned by a seam',
                        static fn(Circumstances $c): ?bool => null === $c->top->alignedBy
                            ? null
                            : Alignment::Seam === $c->top->alignedBy,
                    ),
                ],
                'Run the foot along an inner seam with the lock on.',
                'The seam runs off',
                'The seam runs true',
                'Baste the next bed by the seam.',
                'Always by a seam.',
            ),
            new CauseEntry(
                Cause::FloatUnheld,
                'nothing holds the hanging end of a floating top',
                ['bounce' => 1, 'drift' => 3, 'top-pleat' => 2, 'loose-tail' => 1],
                [
                    self::for(
                        +1,
                        'the top floats',
                        static fn(Circumstances $c): ?bool => null === $c->top->float
                            ? null
                            : FloatKind::Full === $c->top->float,
                    ),
                    self::for(
                        +1,
                        'it is heavy or long',
                        static fn(Circumstances $c): ?bool => null === $c->isLong()
                            ? null
                            : true === $c->isLong() || true === $c->isHeavy(),
                    ),
                    self::for(
                        -2,
                        'the log has its hanging end held',
                        static fn(Circumstances $c): ?bool => $c->top->endHeld,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'the top is held',
                        static fn(Circumstances $c): ?bool => null === $c->top->float
                            ? null
                            : FloatKind::Full !== $c->top->float,
                    ),
                ],
                'Pull back lightly on the hanging end.',
                'It lies better then',
                'It is as before',
                'A bar or magnets on it.',
                'Hold it from the start; clips at seams.',
            ),
            new CauseEntry(
                Cause::SidesNotBasted,
                'stitching reached an open side',
                ['foot-catch' => 3, 'edge-fullness' => 1, 'backing-pucker' => 1],
                [
                    self::for(
                        +2,
                        'the log has no basting of these sides',
                        static fn(Circumstances $c): ?bool => null === $c->top->sidesBasted
                            ? null
                            : !$c->top->sidesBasted,
                    ),
                    self::for(
                        -2,
                        'the log has the sides basted',
                        static fn(Circumstances $c): ?bool => $c->top->sidesBasted,
                    ),
                ],
                'Look at the side ahead.',
                'It is open',
                'It is basted',
                "Baste the bed's sides.",
                'Every pass, before stitching.',
            ),
            new CauseEntry(
                Cause::BastedTooFarIn,
                'the basting leaves a free flap',
                ['foot-catch' => 2, 'edge-fullness' => 1],
                [
                    self::for(
                        +2,
                        'it was basted further in than an eighth',
                        static fn(Circumstances $c): ?bool => $c->top->bastingInset?->isLongerThan(
                            Length::inches(0.125),
                        ),
                    ),
                    self::for(
                        -1,
                        'it was basted within an eighth',
                        static fn(Circumstances $c): ?bool => null === $c->top->bastingInset
                            ? null
                            : !$c->top->bastingInset->isLongerThan(Length::inches(0.125)),
                    ),
                ],
                'Measure how far in the basting is.',
                'Over an eighth of an inch',
                'An eighth or less',
                'A second line nearer the edge.',
                'An eighth of an inch or less.',
            ),
            new CauseEntry(
                Cause::TailUnsecured,
                'the near edge came off its hold',
                ['loose-tail' => 3, 'top-pleat' => 1, 'skew' => 1, 'drift' => 1],
                [
                    self::for(
                        +1,
                        'it is the last pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::Last === $c->seen->pass,
                    ),
                ],
                'Look at the near edge.',
                'It is off its hold',
                'It is held',
                'Pin it where it belongs, and baste from the middle out.',
                'Keep it on the roller, or plan the step.',
            ),
            new CauseEntry(
                Cause::PrebastedTight,
                'the sandwich was basted too tight before it was loaded again',
                ['top-pleat' => 3, 'backing-pucker' => 2, 'curl-to-back' => 1],
                [
                    self::for(+2, 'it was basted before', static fn(Circumstances $c): ?bool => $c->top->prebasted),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'it was not basted before',
                        static fn(Circumstances $c): ?bool => null === $c->top->prebasted ? null : !$c->top->prebasted,
                    ),
                ],
                'Lift a square: does it lie flat?',
                'It pulls up',
                'It lies flat',
                'Cut the basting ahead of the line.',
                'Baste it loose.',
                -0.5,
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function layersAndFrame(): array
    {
        return [
            new CauseEntry(
                Cause::MisroutedLeader,
                'a leader runs on the wrong side of a bar',
                ['ramped-bed' => 3, 'machine-bumps' => 1],
                [
                    self::for(
                        +1,
                        'it is the first pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::First === $c->seen->pass,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'this frame has no leaders',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : !$c->frame->frameKind->hasLeaders(),
                    ),
                ],
                "Compare it with the frame's side view.",
                'A leader runs otherwise',
                'It runs as drawn',
                'Unwind to the leader and run it again.',
                'The side view on the load sheet.',
            ),
            new CauseEntry(
                Cause::BulkInTakeup,
                'batting or top is caught in the take-up attachment',
                ['roll-ridge' => 3, 'cross-ripple' => 1],
                [
                    self::for(
                        +1,
                        'all layers are attached there',
                        static fn(Circumstances $c): ?bool => $c->top->allLayersAttached,
                    ),
                    self::for(
                        -1,
                        'only the backing is attached there',
                        static fn(Circumstances $c): ?bool => null === $c->top->allLayersAttached
                            ? null
                            : !$c->top->allLayersAttached,
                    ),
                ],
                'Look at the attachment on the take-up.',
                'Batting or top is in it',
                'Only the backing is in it',
                'If it is early, release it and float.',
                'Float the lead end.',
            ),
            new CauseEntry(
                Cause::BattingCreased,
                'the batting came straight from its bag',
                ['batting-lumps' => 3, 'bounce' => 1],
                [
                    self::for(
                        +1,
                        'it rested less than a day',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->battingRestHours
                            ? null
                            : $c->cloth->battingRestHours < 24,
                    ),
                    self::for(
                        -1,
                        'it rested for two days',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->battingRestHours
                            ? null
                            : $c->cloth->battingRestHours >= 48,
                    ),
                ],
                'Run a hand over it.',
                'Folds can be felt',
                'It is smooth',
                'Mist, pat, wait.',
                'Let it rest a day or two.',
            ),
            new CauseEntry(
                Cause::BackingSlippery,
                'the batting has no hold on the backing',
                ['batting-slides' => 3, 'backing-pucker' => 2, 'drift' => 1],
                [
                    self::for(
                        +1,
                        'such a backing is slippery',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->backingKind
                            ? null
                            : BackingKind::Minky === $c->cloth->backingKind,
                    ),
                    self::for(
                        -2,
                        'the batting is basted all over',
                        static fn(Circumstances $c): ?bool => $c->top->battingBastedAllOver,
                    ),
                ],
                'Push the batting with a fingertip.',
                'It slides',
                'It holds',
                'Baste the batting to the backing.',
                'Baste all over before the top goes on.',
            ),
            new CauseEntry(
                Cause::PinsTooDense,
                'many small bites distort the edge',
                ['cross-ripple' => 2, 'scalloped-side' => 1, 'edge-fullness' => 1],
                [
                    self::for(
                        +2,
                        'its pins stand closer than two inches',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing
                            ? null
                            : $c->hold->pinSpacing->isShorterThan(Length::inches(2)),
                    ),
                    self::for(
                        -1,
                        'its pins stand wider than that',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing
                            ? null
                            : !$c->hold->pinSpacing->isShorterThan(Length::inches(2)),
                    ),
                ],
                'Look along the pinned edge.',
                'The edge is drawn in at each',
                'The edge runs straight',
                'Take every second pin out.',
                'A hand apart on a flat edge.',
            ),
            new CauseEntry(
                Cause::FrameNotLevel,
                'clamps or poles leave the bed unlevel',
                ['ramped-bed' => 2, 'poor-stitches' => 2, 'machine-bumps' => 2],
                [
                    self::for(
                        +2,
                        'it is a clamp frame',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : \in_array($c->frame->frameKind, [FrameKind::Clamp, FrameKind::ClampWithRollers], true),
                    ),
                ],
                'Lay a level on the bed, front to back.',
                'The bubble is off',
                'It is level',
                'Roll the front clamps forward, set the handles upright.',
                'Check it before the first stitch.',
            ),
            new CauseEntry(
                Cause::RollTooBig,
                'the roll or a clamp fills the throat',
                ['machine-bumps' => 3, 'poor-stitches' => 1],
                [
                    self::for(
                        +1,
                        'the plan leaves little depth',
                        static fn(Circumstances $c): ?bool => $c->frame->depthIsSmall,
                    ),
                    self::for(
                        +1,
                        'it is a late pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::Last === $c->seen->pass,
                    ),
                    self::for(
                        -1,
                        'it is the first pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::First === $c->seen->pass,
                    ),
                ],
                'Push the head to the back by hand.',
                'It touches before the end',
                'It runs free',
                'Smaller clips; fewer rows a pass.',
                'Turn the quilt, or turn it round in the middle.',
            ),
        ];
    }
}
