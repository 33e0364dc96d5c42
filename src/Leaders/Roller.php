<?php

declare(strict_types=1);

namespace App\Leaders;

/** Which roller a leader is fixed to. */
enum Roller: string
{
    case TakeUp = 'take-up';
    case Backing = 'backing';
    case Top = 'top';

    public function words(): string
    {
        return match ($this) {
            self::TakeUp => 'take-up roller (lead)',
            self::Backing => 'backing roller (tail)',
            self::Top => 'top roller',
        };
    }
}
