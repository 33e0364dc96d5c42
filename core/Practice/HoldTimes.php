<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Frame\HoldingSystem;

/** Seconds for each piece of a holding system at the frame; estimates. */
final readonly class HoldTimes
{
    /** @param array<string, float> $seconds by the words of HoldingSystem, those that are not as usual */
    public function __construct(private array $seconds = []) {}

    public function each(HoldingSystem $system): float
    {
        return $this->seconds[$system->value] ?? self::usual($system);
    }

    public static function usual(HoldingSystem $system): float
    {
        return match ($system) {
            HoldingSystem::Pins => 4,
            HoldingSystem::ChannelClips => 12,
            HoldingSystem::DowelClamps => 5,
            HoldingSystem::Magnets => 2.5,
            HoldingSystem::Zip => 25,
            HoldingSystem::HookAndLoop => 60,
            HoldingSystem::SpringClamps => 10,
        };
    }
}
