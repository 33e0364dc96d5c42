<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;

/** What is known of how it is held. Null is what nobody knows. */
final readonly class HoldFacts
{
    public function __construct(
        public ?HoldingSystem $leadMethod = null,
        public ?Length $pinSpacing = null,
        public ?bool $alwaysCentred = null,
        public ?int $loadsSinceLeaderCheck = null,
        public ?bool $centresMarked = null,
        public ?bool $evened = null,
        public ?ClampWidth $sideClamps = null,
    ) {}
}
