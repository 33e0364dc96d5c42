<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\FloatKind;

/** What is known of how top and batting were laid and basted. Null is what nobody knows. Made with named arguments. */
final readonly class TopFacts
{
    public function __construct(
        public ?FloatKind $float = null,
        public ?Alignment $alignedBy = null,
        public ?bool $sidesBasted = null,
        public ?Length $bastingInset = null,
        public ?bool $endHeld = null,
        public ?bool $battingBastedAllOver = null,
        public ?bool $prebasted = null,
        public ?bool $allLayersAttached = null,
    ) {}
}
