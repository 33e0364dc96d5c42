<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** One border worked last, turned to lie along the rails: its length across, its width from roller to roller. */
final readonly class BorderPass
{
    public function __construct(
        public string $edge,
        public Length $length,
        public Length $width,
        public PassPlan $passes,
        public bool $isWithinReach,
    ) {}
}
