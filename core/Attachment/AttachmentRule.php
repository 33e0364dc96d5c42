<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;

/** Rule 14: where each pin, clip, clamp, zip or magnet of an edge goes, in which order, and whether they suffice. */
final readonly class AttachmentRule
{
    public function __construct(private Practice $practice = new Practice()) {}

    /** Null where clips are to be planned and nobody knows which there are. */
    public function plan(HoldingSystem $system, HoldHabit $habit, Edge $edge): ?Attachment
    {
        return match ($system) {
            HoldingSystem::Pins => (new PinPlanner($this->practice))->plan($habit, $edge),
            HoldingSystem::Zip => (new ZipPlanner($this->practice))->plan($habit, $edge),
            HoldingSystem::ChannelClips => [] === $habit->stock
                ? null
                : (new ClipPlanner($this->practice))->plan($habit, $edge),
            HoldingSystem::DowelClamps => (new DowelClampPlanner($this->practice))->plan($habit, $edge),
            HoldingSystem::Magnets => (new MagnetPlanner($this->practice))->plan($habit, $edge),
            HoldingSystem::HookAndLoop => (new StripPlanner($this->practice->times))->plan($edge),
            HoldingSystem::SpringClamps => (new SpringClampPlanner($this->practice->times))->plan($habit, $edge),
        };
    }
}
