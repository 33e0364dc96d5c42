<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the side clamps take hold of. */
enum ClampGrip: string implements School
{
    case Backing = 'backing';
    case BackingAndBatting = 'backing-and-batting';

    public function words(): string
    {
        return match ($this) {
            self::Backing => 'the backing only',
            self::BackingAndBatting => 'backing and batting',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Backing => 'batting that is pulled keeps the pull',
            self::BackingAndBatting => 'a soft batting does not creep inward',
        };
    }
}
