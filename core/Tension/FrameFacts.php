<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Measure\Length;

/** What is known of the frame. Null is what nobody knows. */
final readonly class FrameFacts
{
    public function __construct(
        public ?FrameKind $frameKind = null,
        public ?bool $motorised = null,
        public ?bool $depthIsSmall = null,
        public ?Length $rail = null,
    ) {}
}
