<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;

/**
 * A studio's habits: every allowance that a rule uses and a quilter may set otherwise.
 *
 * The defaults are everyday figures of the trade.
 */
final readonly class Practice
{
    public Length $clampBite;
    public Length $footClearance;
    public Length $battingOverhang;
    public Length $battingBelowAttachment;
    public Length $battingClearance;
    public Length $offcutWorthKeeping;
    public Length $seamAllowance;
    public Length $squaringAllowance;
    public Length $stripStep;
    public Length $forgivenWithDiagonal;
    public Length $loadAside;
    public Length $sectionOverlap;
    public Thickness $thickness;
    public Stitches $stitches;
    public HoldTimes $times;

    /**
     * @param int $driftPerThousand      side drift allowed for, of the loaded length
     * @param int $fullFloatDriftPerThousand the same where the top floats altogether
     */
    public function __construct(
        ?Length $clampBite = null,
        ?Length $footClearance = null,
        ?Length $battingOverhang = null,
        ?Length $seamAllowance = null,
        ?Length $squaringAllowance = null,
        public int $driftPerThousand = 5,
        public int $fullFloatDriftPerThousand = 10,
        public int $battingRestHours = 24,
        public int $battingBestRestHours = 48,
        ?Length $sectionOverlap = null,
        ?Thickness $thickness = null,
        ?Stitches $stitches = null,
        ?HoldTimes $times = null,
    ) {
        $this->clampBite = $clampBite ?? Length::inches(1);
        $this->footClearance = $footClearance ?? Length::inches(2);
        $this->battingOverhang = $battingOverhang ?? Length::inches(2);
        $this->seamAllowance = $seamAllowance ?? Length::inches(0.5);
        $this->squaringAllowance = $squaringAllowance ?? Length::inches(2);
        $this->sectionOverlap = $sectionOverlap ?? Length::inches(1);
        $this->thickness = $thickness ?? new Thickness();
        $this->stitches = $stitches ?? new Stitches();
        $this->times = $times ?? new HoldTimes();
        $this->battingBelowAttachment = Length::inches(0.5);
        $this->battingClearance = Length::inches(1);
        $this->offcutWorthKeeping = Length::inches(12);
        $this->stripStep = Length::inches(0.25);
        $this->loadAside = Length::inches(12);
        $this->forgivenWithDiagonal = Length::millimetres(0.5);
    }

    /** The margin of a school on every side; null where the school has no one figure. */
    public function schoolMargin(MarginSchool $school): ?Length
    {
        return match ($school) {
            MarginSchool::Three => Length::inches(3),
            MarginSchool::Four => Length::inches(4),
            MarginSchool::Five => Length::inches(5),
            MarginSchool::ShortFrame => Length::inches(6),
            MarginSchool::WorkedOut, MarginSchool::Custom => null,
        };
    }

    public function grip(HoldingSystem $system, End $end): Grip
    {
        [$usedUp, $standoff] = match ($system) {
            HoldingSystem::Pins, HoldingSystem::Zip => [0.5, 1],
            HoldingSystem::HookAndLoop => [1, 1],
            HoldingSystem::ChannelClips => [1, 2],
            HoldingSystem::DowelClamps => [1.5, 2],
            HoldingSystem::Magnets => [End::Lead === $end ? 4 : 1, 1],
            HoldingSystem::SpringClamps => [2, 4],
        };

        return new Grip(Length::inches($usedUp), Length::inches($standoff));
    }

    /**
     * How much of the top beside its lead edge the needle does not reach: where all layers go through the same pins, its
     * edge lies at the hold, and the foot keeps its distance from that.
     */
    public function outOfReach(HoldingSystem $lead, FloatKind $float): Length
    {
        return FloatKind::None === $float ? $this->grip($lead, End::Lead)->standoff : Length::zero();
    }

    public function drift(Length $loadedLength, FloatKind $float): Length
    {
        $perThousand = FloatKind::Full === $float ? $this->fullFloatDriftPerThousand : $this->driftPerThousand;

        return $loadedLength->scaledBy($perThousand, 1000);
    }
}
