<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem as Hold;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\People;

/**
 * What the trade knows of faults in the layers: each cause with what it shows, what speaks for and against it, one
 * test, what to do now and what next time. Everyday knowledge, as data; DiagnosisRule reasons with it.
 */
final class Knowledge
{
    /** Closer, and the pins draw the edge in by themselves. */
    public const PINS_CLOSE_INCHES = 2;
    /** Further apart, and an edge that is too long waves between two pins. */
    private const PINS_FAR_INCHES = 5;
    /** Basted further in, an edge leaves a flap that the foot catches. */
    private const BASTED_INCHES = 0.125;

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
                cause: Cause::LeaderCrooked,
                words: 'a leader is not straight',
                shows: ['side-dip' => 3, 'drag-line' => 2, 'skew' => 2],
                hints: [
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
                        -2,
                        'the leaders were checked and are straight',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leaderCheck
                            ? null
                            : LeaderVerdict::Good === $c->hold->leaderCheck,
                    ),
                    self::for(
                        +2,
                        'a leader was checked and is crooked',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leaderCheck
                            ? null
                            : LeaderVerdict::ReHem === $c->hold->leaderCheck,
                    ),
                    self::for(
                        -2,
                        'all leaders run out alike: it is the frame',
                        static fn(Circumstances $c): ?bool => $c->hold->leadersTiltAlike,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'this frame has no leaders',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : !$c->frame->frameKind->hasLeaders(),
                    ),
                ],
                test: 'Stitch a line across the leader with the lock on, and measure from it to the edge.',
                ifSo: 'The line runs out',
                ifNot: 'It runs even',
                now: 'Take up the slack: shift the attachment on that side.',
                nextTime: 'Re-hem to the line, and check all leaders.',
            ),
            new CauseEntry(
                cause: Cause::LeaderWornCentre,
                words: 'the leader is stretched where it is always loaded',
                shows: ['centre-dip' => 3],
                hints: [
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
                        -2,
                        'the leaders were checked and are straight',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leaderCheck
                            ? null
                            : LeaderVerdict::Good === $c->hold->leaderCheck,
                    ),
                    self::for(
                        +2,
                        'a leader was checked and is crooked',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leaderCheck
                            ? null
                            : LeaderVerdict::ReHem === $c->hold->leaderCheck,
                    ),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'this frame has no leaders',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : !$c->frame->frameKind->hasLeaders(),
                    ),
                ],
                test: 'Stitch a line across the leader with the lock on, and compare its middle with its ends.',
                ifSo: 'The middle is longer',
                ifNot: 'It is as long as the ends',
                now: 'Ease it: attach deeper in the middle.',
                nextTime: 'Load in turn along the leader, and re-hem it.',
            ),
            new CauseEntry(
                cause: Cause::BackingCrooked,
                words: 'the backing is not cut square',
                shows: ['drag-line' => 3, 'side-dip' => 2, 'cross-ripple' => 1, 'skew' => 1],
                hints: [
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
                test: 'Fold its ends together, or measure the diagonal.',
                ifSo: 'They do not meet',
                ifNot: 'They meet',
                now: 'Shift one end sideways until the pull goes.',
                nextTime: 'Square the backing before it is loaded.',
            ),
            new CauseEntry(
                cause: Cause::AttachedUneven,
                words: 'the edge was not held parallel along the leader',
                shows: ['side-dip' => 2, 'drag-line' => 2, 'centre-dip' => 1, 'cross-ripple' => 2],
                hints: [
                    self::for(
                        +1,
                        'its pins stand far apart on a wavy edge',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing ||
                        null === $c->cloth->fullnessPercent
                            ? null
                            : $c->hold->pinSpacing->isLongerThan(Length::inches(self::PINS_FAR_INCHES)) &&
                                $c->cloth->fullnessPercent > 0.5,
                    ),
                    self::for(
                        -1,
                        'clips or a zip hold the whole edge',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leadMethod
                            ? null
                            : \in_array($c->hold->leadMethod, [Hold::ChannelClips, Hold::Zip], true),
                    ),
                ],
                test: 'Look along the edge against the ticks.',
                ifSo: 'It wanders off the ticks',
                ifNot: 'It follows the ticks',
                now: 'Attach it again from the centre.',
                nextTime: 'By the ticks, from the centre out.',
            ),
            new CauseEntry(
                cause: Cause::AttachedOffCentre,
                words: 'one end is off its centre',
                shows: ['drag-line' => 3, 'skew' => 2, 'drift' => 1],
                hints: [
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
                test: 'Measure the centre marks of both ends with a tape.',
                ifSo: 'They stand apart',
                ifNot: 'They meet',
                now: 'Shift that end.',
                nextTime: 'Mark all centres first.',
            ),
            new CauseEntry(
                cause: Cause::NotEvened,
                words: 'the backing was wound once and not worked back and forth',
                shows: ['side-dip' => 2, 'centre-dip' => 2, 'both-sides-dip' => 1, 'cross-ripple' => 2],
                hints: [
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
                test: 'Wind it all to one roller and back.',
                ifSo: 'It is better after that',
                ifNot: 'It stays as it was',
                now: 'Wind back and forth two or three times.',
                nextTime: 'Make it a step of every load.',
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function tensionAndClamps(): array
    {
        return [
            new CauseEntry(
                cause: Cause::BackingOvertight,
                words: 'the backing is firmer than the other layers',
                shows: ['curl-to-back' => 3, 'rings-tight' => 2, 'poor-stitches' => 1, 'snap-back' => 1],
                hints: [
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
                test: 'Press the bed in the middle: does it give?',
                ifSo: 'It hardly gives',
                ifNot: 'It gives',
                now: 'Let off a click or two.',
                nextTime: 'Firm with give.',
            ),
            new CauseEntry(
                cause: Cause::TopOvertight,
                words: 'the top is pulled harder than the backing',
                shows: ['curl-to-front' => 3, 'rings-tight' => 2, 'top-pleat' => 1],
                hints: [
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
                test: 'Look whether the lines of the piecing bend.',
                ifSo: 'They bend',
                ifNot: 'They run straight',
                now: 'Let the top roller off.',
                nextTime: 'Smooth it, do not pull it.',
            ),
            new CauseEntry(
                cause: Cause::SideClampsTight,
                words: 'the side clamps pull too hard',
                shows: ['snap-back' => 3, 'scalloped-side' => 2, 'ripples-off-frame' => 2, 'drag-line' => 1],
                hints: [
                    self::for(
                        +1,
                        'the backing stretches across',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->stretch
                            ? null
                            : Stretch::Across === $c->cloth->stretch,
                    ),
                ],
                test: 'Let one clamp off and watch the cloth.',
                ifSo: 'The cloth jumps',
                ifNot: 'It stays',
                now: 'Set them again, just straight.',
                nextTime: 'A wide bite, and light.',
            ),
            new CauseEntry(
                cause: Cause::SideClampsNarrow,
                words: 'the side clamps bite too little',
                shows: ['scalloped-side' => 3, 'backing-pucker' => 1],
                hints: [
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
                test: 'Look along the side: a wave between every two clamps?',
                ifSo: 'A wave between them',
                ifNot: 'The side runs straight',
                now: 'More clamps, or a rod along the side.',
                nextTime: 'Wide clamps, or a rod.',
            ),
            new CauseEntry(
                cause: Cause::StretchRollerToRoller,
                words: 'the stretch of the backing lies from roller to roller',
                shows: [
                    'ripples-off-frame' => 3,
                    'curl-to-back' => 1,
                    'snap-back' => 2,
                    'centre-dip' => 1,
                    'rings-tight' => 1,
                ],
                hints: [
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
                test: 'Pull the cloth both ways by hand.',
                ifSo: 'It gives from roller to roller',
                ifNot: 'It does not give that way',
                now: 'Slacken the rollers; load it turned if it is early.',
                nextTime: 'The stretch along the rollers.',
            ),
            new CauseEntry(
                cause: Cause::SeamWindsOnItself,
                words: 'a seam runs with the quilt and winds on itself',
                shows: ['roll-ridge' => 3, 'both-sides-dip' => 3, 'side-dip' => 1],
                hints: [
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
                test: 'Feel the roll at the seam.',
                ifSo: 'It stands proud there',
                ifNot: 'The roll is even',
                now: 'Pad the roll at the sides with a strip of batting.',
                nextTime: 'The seam along the rollers.',
            ),
            new CauseEntry(
                cause: Cause::TooSlack,
                words: 'everything is too loose',
                shows: ['bounce' => 3, 'backing-pucker' => 2, 'top-pleat' => 1, 'poor-stitches' => 2],
                hints: [
                    self::for(
                        +1,
                        'it was felt to hang',
                        static fn(Circumstances $c): ?bool => $c->seen->firmness?->has(Firmness::Hangs),
                    ),
                ],
                test: 'Press the bed: does it come back?',
                ifSo: 'It stays down',
                ifNot: 'It comes back',
                now: 'Take up a click.',
                nextTime: 'Firm with give.',
            ),
            new CauseEntry(
                cause: Cause::OneRatchetBehind,
                words: 'a roller is held a click back at one end',
                shows: ['side-dip' => 3, 'drag-line' => 1, 'skew' => 1],
                hints: [
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
                test: 'Look at both ratchets.',
                ifSo: 'One stands behind',
                ifNot: 'Both stand alike',
                now: 'Reset both.',
                nextTime: 'Lock both before you let go.',
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function topAndEdges(): array
    {
        return [
            new CauseEntry(
                cause: Cause::BorderFull,
                words: 'the border is longer than the body',
                shows: ['edge-fullness' => 3, 'top-pleat' => 2, 'bubble-ahead' => 1, 'foot-catch' => 1],
                hints: [
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
                test: 'Measure the edge and the middle.',
                ifSo: 'The edge is longer',
                ifNot: 'They are alike',
                now: 'Walk it in while basting; a wavy line; steam if the cloth allows.',
                nextTime: 'Tell the client how borders are measured.',
            ),
            new CauseEntry(
                cause: Cause::AirWalks,
                words: 'the ordinary cushion of cloth moves before the foot',
                shows: ['bubble-ahead' => 3, 'edge-fullness' => 1],
                hints: [
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
                test: 'Lift the foot: does it go flat?',
                ifSo: 'It goes flat',
                ifNot: 'It stays',
                now: 'Flatten it with the hand as you come.',
                nextTime: 'A disc foot.',
            ),
            new CauseEntry(
                cause: Cause::TopBastedStretched,
                words: 'the top was pulled while its edge was basted',
                shows: ['skew' => 2, 'drift' => 2, 'top-pleat' => 2, 'curl-to-front' => 1],
                hints: [
                    self::for(
                        +1,
                        'its edge stretches',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->fullnessPercent
                            ? null
                            : $c->cloth->fullnessPercent > 1,
                    ),
                ],
                test: 'Does the centre of the top still meet its mark?',
                ifSo: 'It has moved off',
                ifNot: 'It meets its mark',
                now: 'Take the basting out from the worse end.',
                nextTime: 'From the centre out, with still hands.',
            ),
            new CauseEntry(
                cause: Cause::LeanedOnBar,
                words: 'the front bar was pushed while aligning',
                shows: ['skew' => 2, 'drift' => 1, 'cross-ripple' => 1],
                hints: [
                    self::for(
                        +1,
                        'it is the first pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::First === $c->seen->pass,
                    ),
                ],
                test: 'Let go of the bar and look again.',
                ifSo: 'It lies true now',
                ifNot: 'It is as before',
                now: 'Align again, hands off.',
                nextTime: 'Feet back, eyes over it.',
            ),
            new CauseEntry(
                cause: Cause::AlignedToWavyEdge,
                words: 'the top was set by its outer edge',
                shows: ['skew' => 3, 'drift' => 2, 'edge-fullness' => 1],
                hints: [
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
                test: 'Run the foot along an inner seam with the lock on.',
                ifSo: 'The seam runs off',
                ifNot: 'The seam runs true',
                now: 'Baste the next bed by the seam.',
                nextTime: 'Always by a seam.',
            ),
            new CauseEntry(
                cause: Cause::FloatUnheld,
                words: 'nothing holds the hanging end of a floating top',
                shows: ['bounce' => 1, 'drift' => 3, 'top-pleat' => 2, 'loose-tail' => 1],
                hints: [
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
                test: 'Pull back lightly on the hanging end.',
                ifSo: 'It lies better then',
                ifNot: 'It is as before',
                now: 'A bar or magnets on it.',
                nextTime: 'Hold it from the start; clips at seams.',
            ),
            new CauseEntry(
                cause: Cause::SidesNotBasted,
                words: 'stitching reached an open side',
                shows: ['foot-catch' => 3, 'edge-fullness' => 1, 'backing-pucker' => 1],
                hints: [
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
                test: 'Look at the side ahead.',
                ifSo: 'It is open',
                ifNot: 'It is basted',
                now: "Baste the bed's sides.",
                nextTime: 'Every pass, before stitching.',
            ),
            new CauseEntry(
                cause: Cause::BastedTooFarIn,
                words: 'the basting leaves a free flap',
                shows: ['foot-catch' => 2, 'edge-fullness' => 1],
                hints: [
                    self::for(
                        +2,
                        'it was basted further in than an eighth',
                        static fn(Circumstances $c): ?bool => $c->top->bastingInset?->isLongerThan(
                            Length::inches(self::BASTED_INCHES),
                        ),
                    ),
                    self::for(
                        -1,
                        'it was basted within an eighth',
                        static fn(Circumstances $c): ?bool => null === $c->top->bastingInset
                            ? null
                            : !$c->top->bastingInset->isLongerThan(Length::inches(self::BASTED_INCHES)),
                    ),
                ],
                test: 'Measure how far in the basting is.',
                ifSo: 'Over an eighth of an inch',
                ifNot: 'An eighth or less',
                now: 'A second line nearer the edge.',
                nextTime: 'An eighth of an inch or less.',
            ),
            new CauseEntry(
                cause: Cause::TailUnsecured,
                words: 'the near edge came off its hold',
                shows: ['loose-tail' => 3, 'top-pleat' => 1, 'skew' => 1, 'drift' => 1],
                hints: [
                    self::for(
                        +1,
                        'it is the last pass',
                        static fn(Circumstances $c): ?bool => null === $c->seen->pass
                            ? null
                            : WhichPass::Last === $c->seen->pass,
                    ),
                ],
                test: 'Look at the near edge.',
                ifSo: 'It is off its hold',
                ifNot: 'It is held',
                now: 'Pin it where it belongs, and baste from the middle out.',
                nextTime: 'Keep it on the roller, or plan the step.',
            ),
            new CauseEntry(
                cause: Cause::PrebastedTight,
                words: 'the sandwich was basted too tight before it was loaded again',
                shows: ['top-pleat' => 3, 'backing-pucker' => 2, 'curl-to-back' => 1],
                hints: [
                    self::for(+2, 'it was basted before', static fn(Circumstances $c): ?bool => $c->top->prebasted),
                    self::for(
                        Hint::IMPOSSIBLE,
                        'it was not basted before',
                        static fn(Circumstances $c): ?bool => null === $c->top->prebasted ? null : !$c->top->prebasted,
                    ),
                ],
                test: 'Lift a square: does it lie flat?',
                ifSo: 'It pulls up',
                ifNot: 'It lies flat',
                now: 'Cut the basting ahead of the line.',
                nextTime: 'Baste it loose.',
                prior: -0.5,
            ),
        ];
    }

    /** @return list<CauseEntry> */
    private static function layersAndFrame(): array
    {
        return [
            new CauseEntry(
                cause: Cause::MisroutedLeader,
                words: 'a leader runs on the wrong side of a bar',
                shows: ['ramped-bed' => 3, 'machine-bumps' => 1],
                hints: [
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
                test: "Compare it with the frame's side view.",
                ifSo: 'A leader runs otherwise',
                ifNot: 'It runs as drawn',
                now: 'Unwind to the leader and run it again.',
                nextTime: 'The side view on the load sheet.',
            ),
            new CauseEntry(
                cause: Cause::FrameOutOfTrue,
                words: 'carriage and rollers are not parallel',
                shows: ['side-dip' => 2, 'drag-line' => 2, 'skew' => 2],
                hints: [
                    self::for(
                        +2,
                        'all leaders run out alike',
                        static fn(Circumstances $c): ?bool => $c->hold->leadersTiltAlike,
                    ),
                    self::for(
                        -1,
                        'one leader alone is crooked',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leadersTiltAlike ||
                        null === $c->hold->leaderCheck
                            ? null
                            : !$c->hold->leadersTiltAlike && LeaderVerdict::ReHem === $c->hold->leaderCheck,
                    ),
                ],
                test: 'Measure from rail to roller at both ends, and both diagonals of the frame.',
                ifSo: 'They differ',
                ifNot: 'They are alike',
                now: 'Shift the attachment for this quilt; cut no leader.',
                nextTime: 'Square and level the frame before any leader is cut.',
            ),
            new CauseEntry(
                cause: Cause::RollerBowed,
                words: 'a roller sags or is bent in the middle',
                shows: ['centre-dip' => 2, 'cross-ripple' => 1, 'roll-ridge' => 1],
                hints: [
                    self::for(
                        +1,
                        'the leaders were checked and are straight',
                        static fn(Circumstances $c): ?bool => null === $c->hold->leaderCheck
                            ? null
                            : LeaderVerdict::Good === $c->hold->leaderCheck,
                    ),
                    self::for(
                        +1,
                        'the rail is long',
                        static fn(Circumstances $c): ?bool => $c->frame->rail?->isLongerThan(
                            Length::inches(Circumstances::LONG_RAIL_INCHES),
                        ),
                    ),
                ],
                test: 'Hold a taut string along the bare roller.',
                ifSo: 'The roller leaves the string',
                ifNot: 'It follows the string',
                now: 'Firm it less, and less in the middle.',
                nextTime: 'Straighten the roller, or support it.',
            ),
            new CauseEntry(
                cause: Cause::WoundFromAHeap,
                words: 'the backing came off a heap and did not drag while it was wound',
                shows: ['both-sides-dip' => 2, 'centre-dip' => 2, 'cross-ripple' => 2, 'bounce' => 1],
                hints: [
                    self::for(
                        -1,
                        'it hung over a bar while it was wound',
                        static fn(Circumstances $c): ?bool => $c->hold->thrownOverBar,
                    ),
                    self::for(
                        -1,
                        'it was rolled back and forth',
                        static fn(Circumstances $c): ?bool => $c->hold->evened,
                    ),
                ],
                test: 'Wind back a little: is the roll soft?',
                ifSo: 'It is soft',
                ifNot: 'It is firm',
                now: 'Wind it to one roller and back, the cloth thrown over the rear.',
                nextTime: 'Throw it over a bar, so that it drags.',
            ),
            new CauseEntry(
                cause: Cause::EdgeForced,
                words: 'its edge was forced onto the line though the cloth is not true',
                shows: ['centre-dip' => 2, 'side-dip' => 2, 'cross-ripple' => 2],
                hints: [
                    self::for(
                        +1,
                        'the backing was measured out of square',
                        static fn(Circumstances $c): ?bool => null === $c->cloth->backingSquared
                            ? null
                            : !$c->cloth->backingSquared,
                    ),
                    self::for(
                        +1,
                        'its edge was laid exactly on the line',
                        static fn(Circumstances $c): ?bool => null === $c->hold->edgeSchool
                            ? null
                            : EdgeLine::Line === $c->hold->edgeSchool,
                    ),
                ],
                test: 'Let that end off: does the wave go?',
                ifSo: 'The wave goes',
                ifNot: 'It stays',
                now: 'Lay the cloth flat, and let its selvedge run off the line.',
                nextTime: 'Judge the cloth, not its edge.',
            ),
            new CauseEntry(
                cause: Cause::BackingDoubledUnder,
                words: 'a free side of the backing folded under and was caught',
                shows: ['backing-pucker' => 2, 'machine-bumps' => 2, 'scalloped-side' => 1],
                hints: [
                    self::for(
                        +1,
                        'nothing clamps its sides',
                        static fn(Circumstances $c): ?bool => null === $c->hold->sideClamps
                            ? null
                            : ClampWidth::None === $c->hold->sideClamps,
                    ),
                    self::for(
                        +1,
                        'one pair of hands loaded it',
                        static fn(Circumstances $c): ?bool => null === $c->hold->people
                            ? null
                            : People::Alone === $c->hold->people,
                    ),
                ],
                test: 'Look from below along that side.',
                ifSo: 'It lies double',
                ifNot: 'It hangs free',
                now: 'Stop; pick the last stitches, and clamp that side.',
                nextTime: 'Clamps on before the first row.',
            ),
            new CauseEntry(
                cause: Cause::BulkInTakeup,
                words: 'batting or top is caught in the take-up attachment',
                shows: ['roll-ridge' => 3, 'cross-ripple' => 1],
                hints: [
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
                test: 'Look at the attachment on the take-up.',
                ifSo: 'Batting or top is in it',
                ifNot: 'Only the backing is in it',
                now: 'If it is early, release it and float.',
                nextTime: 'Float the lead end.',
            ),
            new CauseEntry(
                cause: Cause::BattingCreased,
                words: 'the batting came straight from its bag',
                shows: ['batting-lumps' => 3, 'bounce' => 1],
                hints: [
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
                test: 'Run a hand over it.',
                ifSo: 'Folds can be felt',
                ifNot: 'It is smooth',
                now: 'Mist, pat, wait.',
                nextTime: 'Let it rest a day or two.',
            ),
            new CauseEntry(
                cause: Cause::BackingSlippery,
                words: 'the batting has no hold on the backing',
                shows: ['batting-slides' => 3, 'backing-pucker' => 2, 'drift' => 1],
                hints: [
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
                test: 'Push the batting with a fingertip.',
                ifSo: 'It slides',
                ifNot: 'It holds',
                now: 'Baste the batting to the backing.',
                nextTime: 'Baste all over before the top goes on.',
            ),
            new CauseEntry(
                cause: Cause::PinsTooDense,
                words: 'many small bites distort the edge',
                shows: ['cross-ripple' => 2, 'scalloped-side' => 1, 'edge-fullness' => 1],
                hints: [
                    self::for(
                        +2,
                        'its pins stand closer than two inches',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing
                            ? null
                            : $c->hold->pinSpacing->isShorterThan(Length::inches(self::PINS_CLOSE_INCHES)),
                    ),
                    self::for(
                        -1,
                        'its pins stand wider than that',
                        static fn(Circumstances $c): ?bool => null === $c->hold->pinSpacing
                            ? null
                            : !$c->hold->pinSpacing->isShorterThan(Length::inches(self::PINS_CLOSE_INCHES)),
                    ),
                ],
                test: 'Look along the pinned edge.',
                ifSo: 'The edge is drawn in at each',
                ifNot: 'The edge runs straight',
                now: 'Take every second pin out.',
                nextTime: 'A hand apart on a flat edge.',
            ),
            new CauseEntry(
                cause: Cause::FrameNotLevel,
                words: 'clamps or poles leave the bed unlevel',
                shows: ['ramped-bed' => 2, 'poor-stitches' => 2, 'machine-bumps' => 2],
                hints: [
                    self::for(
                        +2,
                        'it is a clamp frame',
                        static fn(Circumstances $c): ?bool => null === $c->frame->frameKind
                            ? null
                            : \in_array($c->frame->frameKind, [FrameKind::Clamp, FrameKind::ClampWithRollers], true),
                    ),
                ],
                test: 'Lay a level on the bed, front to back.',
                ifSo: 'The bubble is off',
                ifNot: 'It is level',
                now: 'Roll the front clamps forward, set the handles upright.',
                nextTime: 'Check it before the first stitch.',
            ),
            new CauseEntry(
                cause: Cause::RollTooBig,
                words: 'the roll or a clamp fills the throat',
                shows: ['machine-bumps' => 3, 'poor-stitches' => 1],
                hints: [
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
                test: 'Push the head to the back by hand.',
                ifSo: 'It touches before the end',
                ifNot: 'It runs free',
                now: 'Smaller clips; fewer rows a pass.',
                nextTime: 'Turn the quilt, or turn it round in the middle.',
            ),
        ];
    }
}
