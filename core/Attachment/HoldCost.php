<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;

/**
 * What holding an end this way would cost: cloth before the top, minutes at the frame, and what it asks of the hands.
 */
final readonly class HoldCost
{
    /** @param float|null $minutes null where the pieces at hand do not reach, or are not counted */
    public function __construct(
        public HoldingSystem $system,
        public Length $lead,
        public Length $tail,
        public ?float $minutes,
    ) {}

    public function hands(): string
    {
        return match ($this->system) {
            HoldingSystem::Pins => 'many pinches; fingers near points',
            HoldingSystem::Zip => 'one pull; pinned at the table',
            HoldingSystem::ChannelClips => 'a firm press along each clip',
            HoldingSystem::DowelClamps => 'a strong squeeze for each',
            HoldingSystem::Magnets => 'kind to sore hands; they snap',
            HoldingSystem::HookAndLoop => 'a flat hand; strong to peel off',
            HoldingSystem::SpringClamps => 'a strong squeeze; they fly back',
        };
    }
}
