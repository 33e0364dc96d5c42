<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\Length;

/**
 * A studio's habits: every allowance that a rule uses and a quilter may set otherwise.
 *
 * The defaults are everyday figures of the trade.
 */
final readonly class Practice
{
    /** The finest step of a tape; less than that is written as nothing. */
    public const SEEN_INCHES = 0.125;
    /** Cloth that jumps by more when a side clamp is let off was pulled, not held. */
    public const JUMP_INCHES = 0.125;

    public Length $clampBite;
    public Length $footClearance;
    public Length $battingOverhang;
    public Length $seamAllowance;
    public Length $squaringAllowance;
    public Length $forgivenWithDiagonal;
    public Length $sectionOverlap;
    public Thickness $thickness;
    public Stitches $stitches;
    public HoldTimes $times;

    /**
     * @param int $driftPerThousand      side drift allowed for, of the loaded length
     * @param int $fullFloatDriftPerThousand the same where the top floats altogether
     * @param int $unmeasuredPerThousand how far what is not measured yet may be from what lies opposite
     * @param array<string, Length> $distances by the words of Distance, those that are not as usual
     * @param array<string, Length> $bulks by the words of HoldingSystem, what it adds to the radius of the first turn
     * @param list<CarePair> $pairs of the studio's own that do not suit each other
     * @param array<string, Grip> $grips by the words of HoldingSystem and the end, "magnets lead", those that are not as
     *   usual
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
        public array $distances = [],
        public array $grips = [],
        public array $bulks = [],
        public int $canvasShrinksPerCent = 3,
        public int $unmeasuredPerThousand = 20,
        public Taught $taught = new Taught(),
        public array $pairs = [],
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

    public function at(Distance $distance): Length
    {
        return $this->distances[$distance->value] ?? $distance->usual();
    }

    /**
     * The same where some distances are others: of a frame, of a person.
     *
     * @param array<string, Length> $distances by the words of Distance
     */
    public function differing(array $distances): self
    {
        return [] === $distances ? $this : $this->with(['distances' => [...$this->distances, ...$distances]]);
    }

    public function grip(HoldingSystem $system, End $end): Grip
    {
        return $this->grips["$system->value $end->value"] ?? self::usualGrip($system, $end);
    }

    /** What a hold adds to the radius of the first turn of the roll, where the studio has measured it; else nothing. */
    public function bulk(HoldingSystem $system): Length
    {
        return $this->bulks[$system->value] ?? Length::zero();
    }

    public static function usualGrip(HoldingSystem $system, End $end): Grip
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
     * How much of the top beside its lead edge the needle does not reach: where all layers go through the same pins,
     * its edge lies at the hold, and the foot keeps its distance from that.
     */
    public function outOfReach(HoldingSystem $lead, FloatKind $float): Length
    {
        return FloatKind::None === $float ? $this->grip($lead, End::Lead)->standoff : Length::zero();
    }

    public function drift(Length $loadedLength, FloatKind $float): Length
    {
        return $loadedLength->scaledBy($this->driftAllowed($float), 1000);
    }

    /**
     * Side drift allowed for, of a thousand of the loaded length: what this frame has taught goes before the
     * studio's.
     */
    public function driftAllowed(FloatKind $float): int
    {
        return $this->taught->drift[$float->value] ??
            (FloatKind::Full === $float ? $this->fullFloatDriftPerThousand : $this->driftPerThousand);
    }

    /**
     * The same with pairs of a studio's own that do not suit each other.
     *
     * @param list<CarePair> $pairs
     */
    public function minding(array $pairs): self
    {
        return $this->with(['pairs' => $pairs]);
    }

    /** The same with bobbins of a thread that is heavier or lighter than the usual; null where none is chosen. */
    public function winding(?ThreadWeight $thread): self
    {
        return null === $thread ? $this : $this->with(['stitches' => $this->stitches->winding($thread)]);
    }

    /** The same with what a frame has taught. */
    public function taught(Taught $taught): self
    {
        return $this->with(['taught' => $taught]);
    }

    /** @param array<string, mixed> $changed members by name */
    private function with(array $changed): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class, whose one private figure is fixed)
        return new self(...array_diff_key([...get_object_vars($this), ...$changed], ['forgivenWithDiagonal' => true]));
    }
}
