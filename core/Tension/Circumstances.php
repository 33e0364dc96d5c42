<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;

/** What is known of a quilt and its load beside what is seen; null is what nobody knows. */
final readonly class Circumstances
{
    /** From so many loads on a leader should have been looked at. */
    public const MANY_LOADS = 20;

    /**
     * @param Stretch|null         $stretch   of the backing as it is loaded: along is from roller to roller
     * @param list<Length>|null    $quiltSize across and along, as loaded
     * @param int|null             $sameSideBefore   how often that side dipped on earlier quilts
     * @param int|null             $centreDipsBefore how often the middle dipped on earlier quilts
     */
    public function __construct(
        public ?BackingKind $backingKind = null,
        public ?Stretch $stretch = null,
        public ?SeamLie $seam = null,
        public ?FloatKind $float = null,
        public ?HoldingSystem $leadMethod = null,
        public ?Length $pinSpacing = null,
        public ?bool $alwaysCentred = null,
        public ?int $loadsSinceLeaderCheck = null,
        public ?bool $evened = null,
        public ?Alignment $alignedBy = null,
        public ?float $battingRestHours = null,
        public ?ClampWidth $sideClamps = null,
        public ?Stage $pass = null,
        public ?float $fullnessPercent = null,
        public ?bool $backingSquared = null,
        public ?FrameKind $frameKind = null,
        public ?bool $motorised = null,
        public ?FirmnessReading $firmness = null,
        public ?int $sameSideBefore = null,
        public ?int $centreDipsBefore = null,
        public ?bool $centresMarked = null,
        public ?bool $sideAlternates = null,
        public ?bool $sidesBasted = null,
        public ?Length $bastingInset = null,
        public ?bool $battingBastedAllOver = null,
        public ?bool $prebasted = null,
        public ?bool $allLayersAttached = null,
        public ?array $quiltSize = null,
        public ?BattingKind $battingKind = null,
        public ?bool $depthIsSmall = null,
        public ?bool $endHeld = null,
    ) {
    }

    public function isOver(int $inches): ?bool
    {
        return null === $this->quiltSize ? null : Length::longest(...$this->quiltSize)->isLongerThan(Length::inches($inches));
    }

    /** Long from roller to roller. */
    public function isLong(): ?bool
    {
        return isset($this->quiltSize[1]) ? $this->quiltSize[1]->isLongerThan(Length::inches(80)) : null;
    }

    public function isHeavy(): ?bool
    {
        return null === $this->quiltSize || null === $this->battingKind ? null : \in_array($this->battingKind, [BattingKind::Wool, BattingKind::Polyester], true) && Length::shortest(...$this->quiltSize)->isLongerThan(Length::inches(80));
    }
}
