<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How many hands are at the frame. */
enum People: string implements School
{
    case Alone = 'alone';
    case Two = 'two';

    public function words(): string
    {
        return match ($this) {
            self::Alone => 'alone',
            self::Two => 'two people',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Alone => 'nobody has to be waited for',
            self::Two => 'each end has its own pair of hands',
        };
    }
}
