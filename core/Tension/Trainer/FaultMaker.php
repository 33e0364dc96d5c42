<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Random\Randomizer;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Bed\LeaderShape;
use Schwung\Core\Tension\Bed\SideClamps;
use Schwung\Core\Tension\Bed\WoundSeam;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\SeamLie;

/** Makes the faults that can be hidden in a bed, with sizes and sides drawn by chance from a seed. */
final readonly class FaultMaker
{
    /** An inch further apart than they should be, and narrow: their sides scallop. */
    private const CLAMPS_FAR_INCHES = 13;
    /** So dense that the edge is drawn in, and so wide that it hangs between two. */
    private const PINS_DENSE_INCHES = 1.25;
    private const PINS_WIDE_INCHES = 8;
    /** Those that show in the shape of the bed itself. */
    private const PLAIN = [
        Cause::LeaderWornCentre,
        Cause::SeamWindsOnItself,
        Cause::SideClampsNarrow,
        Cause::SideClampsTight,
        Cause::BackingOvertight,
        Cause::TopOvertight,
        Cause::PinsTooDense,
        Cause::LeaderCrooked,
    ];

    public function __construct(private Randomizer $chance) {}

    /**
     * Every fault of a level, in the order of the causes.
     *
     * @return non-empty-list<Fault>
     */
    public function all(Level $level): array
    {
        $faults = [...$this->ofTheBed(), ...$this->ofClothAndFrame()];

        return Level::One === $level
            ? (array_values(
                array_filter($faults, static fn(Fault $fault): bool => \in_array($fault->cause, self::PLAIN, true)),
            ) ?:
                $faults)
            : $faults;
    }

    /** @return non-empty-list<Fault> */
    private function ofTheBed(): array
    {
        $good = Firmness::FirmWithGive;
        $sign = 1 === $this->chance->getInt(0, 1) ? 1 : -1;
        $tilt = Length::inches(($sign * $this->chance->getInt(4, 8)) / 16);
        $bow = Length::inches($this->chance->getInt(3, 6) / 16);
        $turns = $this->chance->getInt(11, 18);
        $lag = Length::millimetres($sign * $this->chance->getInt(6, 11));
        $side = $sign > 0 ? 'right' : 'left';

        return [
            new Fault(
                Cause::LeaderCrooked,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(leader: new LeaderShape($tilt, Length::zero())),
                Probe::Line,
                ['line' => 'A second line, across the other leader, runs even.'],
            ),
            new Fault(
                Cause::LeaderWornCentre,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(leader: new LeaderShape(Length::zero(), $bow)),
                Probe::Line,
            ),
            new Fault(
                Cause::OneRatchetBehind,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(lag: $lag),
                Probe::Roll,
                ['roll' => "The ratchet on the $side stands a click behind the other."],
            ),
            new Fault(
                Cause::SeamWindsOnItself,
                'roll',
                static fn(BedSetup $bed): BedSetup => $bed->with(
                    seam: new WoundSeam(SeamLie::RollerToRoller, Pressing::ToOneSide, $turns),
                ),
                Probe::Roll,
                ['roll' => 'A seam of the backing lies on itself at every turn.'],
            ),
            new Fault(
                Cause::BackingOvertight,
                'firmness',
                static fn(BedSetup $bed): BedSetup => $bed->with(firmness: BedSetup::evenly(Firmness::Rings, $good)),
                Probe::Press,
            ),
            new Fault(
                Cause::TopOvertight,
                'firmness',
                static fn(BedSetup $bed): BedSetup => $bed->with(firmness: BedSetup::evenly($good, Firmness::Rings)),
                Probe::Press,
                ['well' => 'The lines of the piecing are bent.'],
            ),
            new Fault(
                Cause::TooSlack,
                'firmness',
                static fn(BedSetup $bed): BedSetup => $bed->with(
                    firmness: BedSetup::evenly(Firmness::Hangs, Firmness::Hangs),
                ),
                Probe::Press,
            ),
            new Fault(
                Cause::SideClampsTight,
                'clamps',
                static fn(BedSetup $bed): BedSetup => $bed->with(
                    clamps: new SideClamps(
                        SideClamps::STRONGEST,
                        ClampWidth::Wide,
                        Length::inches(SideClamps::APART_INCHES),
                    ),
                ),
                Probe::Release,
            ),
            new Fault(
                Cause::SideClampsNarrow,
                'clamps',
                static fn(BedSetup $bed): BedSetup => $bed->with(
                    clamps: new SideClamps(2, ClampWidth::Narrow, Length::inches(self::CLAMPS_FAR_INCHES)),
                ),
                Probe::Sides,
            ),
            new Fault(
                Cause::StretchRollerToRoller,
                'clamps',
                static fn(BedSetup $bed): BedSetup => $bed->with(stretch: Stretch::Along),
                Probe::Measure,
            ),
            new Fault(
                Cause::PinsTooDense,
                'pins',
                static fn(BedSetup $bed): BedSetup => $bed->with(pinSpacing: Length::inches(self::PINS_DENSE_INCHES)),
                Probe::Edge,
            ),
            new Fault(
                Cause::AttachedUneven,
                'pins',
                static fn(BedSetup $bed): BedSetup => $bed->with(pinSpacing: Length::inches(self::PINS_WIDE_INCHES)),
                Probe::Edge,
                ['edge' => 'Between the pins the edge stands off the ticks, here more, there less.'],
            ),
        ];
    }

    /** @return list<Fault> faults that show no other way than by what is seen and what is found where one looks */
    private function ofClothAndFrame(): array
    {
        $as = static fn(BedSetup $bed): BedSetup => $bed;
        $side = 1 === $this->chance->getInt(0, 1) ? 'right' : 'left';
        $longer = Length::millimetres(('right' === $side ? 1 : -1) * $this->chance->getInt(6, 11));

        return [
            new Fault(
                Cause::BackingCrooked,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(lag: $longer),
                Probe::Measure,
                ['measure' => 'Folded end to end, the ends of the backing differ by more than an inch.'],
            ),
            new Fault(Cause::AttachedOffCentre, 'backing', $as, Probe::Measure, [
                'measure' => 'The centre marks of both ends of the backing stand an inch apart.',
            ]),
            new Fault(Cause::BorderFull, 'border', $as, Probe::Measure, [
                'measure' => 'The border is longer than the middle by more than one in a hundred.',
            ]),
            new Fault(Cause::MisroutedLeader, 'routing', $as, Probe::Roll, [
                'roll' => 'A leader comes over a bar; in the side view of this frame it goes under it.',
            ]),
            new Fault(Cause::BulkInTakeup, 'roll', $as, Probe::Roll, [
                'roll' => 'Batting shows in the attachment on the take-up.',
            ]),
            new Fault(Cause::BattingCreased, 'batting', $as, Probe::Well, [
                'well' => 'A hand over it feels the folds of the bag.',
            ]),
            new Fault(Cause::BackingSlippery, 'batting', $as, Probe::Press, [
                'press' => 'Pushed with a fingertip, the batting moves on the backing.',
            ]),
            new Fault(Cause::SidesNotBasted, 'sides', $as, Probe::Sides, [
                'sides' => "The $side side ahead is not basted.",
            ]),
            new Fault(Cause::BastedTooFarIn, 'sides', $as, Probe::Measure, [
                'measure' => 'The basting of the sides lies half an inch from the edge.',
            ]),
            new Fault(Cause::FloatUnheld, 'float', $as, Probe::Edge, [
                'edge' => 'Nothing holds the end of the top that hangs over the front.',
            ]),
            ...$this->ofFrameAndWinding($side),
        ];
    }

    /** @return list<Fault> what lies in the frame, or in how the backing came onto it */
    private function ofFrameAndWinding(string $side): array
    {
        $tilt = Length::inches((('right' === $side ? 1 : -1) * $this->chance->getInt(4, 8)) / 16);
        $longer = Length::inches($this->chance->getInt(3, 6) / 16);

        return [
            new Fault(
                Cause::FrameOutOfTrue,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(leader: new LeaderShape($tilt, Length::zero())),
                Probe::Line,
                ['line' => 'A second line, across the other leader, runs out to the same side.'],
            ),
            new Fault(
                Cause::RollerBowed,
                'leader',
                static fn(BedSetup $bed): BedSetup => $bed->with(middle: $longer),
                Probe::Roll,
                ['roll' => 'A taut string along the bare roller stands off it in the middle.'],
            ),
            new Fault(
                Cause::WoundFromAHeap,
                'roll',
                static fn(BedSetup $bed): BedSetup => $bed->with(sides: $longer),
                Probe::Roll,
                ['roll' => 'Wound back a little, the backing roll is soft toward both ends.'],
            ),
            new Fault(
                Cause::EdgeForced,
                'pins',
                static fn(BedSetup $bed): BedSetup => $bed->with(middle: $longer),
                Probe::Edge,
                ['edge' => 'The edge lies exactly on the line, and the cloth behind it waves; let off, the wave goes.'],
            ),
            new Fault(Cause::BackingDoubledUnder, 'clamps', static fn(BedSetup $bed): BedSetup => $bed, Probe::Sides, [
                'sides' => "Seen from below, the backing lies double along the $side side.",
            ]),
        ];
    }
}
