<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\FloatKind;

/** How far a quilt is wound on as a pass begins; radii in millimetres. */
final readonly class WoundState
{
    /**
     * @param float       $startRadius of the take-up with its leader, before the quilt
     * @param float       $radius      of the take-up roll now
     * @param list<float> $rings       radii of the passes before
     * @param float       $feedRadius  of the backing that is still to come, on its roller; of the whole sandwich on a
     *   frame without one
     * @param float       $topRadius   of the top that is still to come, on its roller
     */
    public function __construct(
        public float $startRadius,
        public float $radius,
        public array $rings,
        public float $feedRadius,
        public float $topRadius,
        public FloatKind $float,
        public Worked $depth,
        public Phrase $clearance,
        public bool $isUnderArm,
    ) {}
}
