<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

/** The frame's true measures; leader measures and teeth are null where it has none. */
final readonly class Frame
{
    /** @param list<HoldingSystem> $methods other holding systems at hand */
    public function __construct(
        public FrameKind $kind,
        public Length $rail,
        public Length $unreachableLeft,
        public Length $unreachableRight,
        public Length $throat,
        public Length $frontAllowance,
        public Length $backAllowance,
        public Length $armClearance,
        public Length $takeupDiameter,
        public ?Length $leaderLength = null,
        public ?Length $leaderWidth = null,
        public ?int $ratchetTeeth = null,
        public ?Length $bedSpan = null,
        public array $methods = [],
    ) {
    }

    public function usableAcross(): Length
    {
        return $this->rail->minus($this->unreachableLeft)->minus($this->unreachableRight);
    }

    /** From the front bar to the take-up, or about as much where that was not measured. */
    public function bed(): Length
    {
        return $this->bedSpan ?? $this->throat;
    }

    /** The depth to stitch in before anything is wound on: throat less both allowances (the everyday rule: less six). */
    public function bareDepth(): Length
    {
        return $this->throat->minus($this->frontAllowance)->minus($this->backAllowance);
    }
}
