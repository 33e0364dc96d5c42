<?php

declare(strict_types=1);

namespace App\Leaders;

/** Which roller a leader is fixed to. */
enum Roller: string
{
    case TakeUp = 'take-up';
    case Backing = 'backing';
    case Top = 'top';

    /** Whose leader holds an edge: lead, tail, or the top's own. */
    public static function holding(string $edge): self
    {
        return match ($edge) {
            'lead' => self::TakeUp,
            'top' => self::Top,
            default => self::Backing,
        };
    }

    /** Whether its leader hangs from the rear, so that its free edge lies toward the quilter. */
    public function hangsForward(): bool
    {
        return self::TakeUp === $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::TakeUp => 'take-up roller (lead)',
            self::Backing => 'backing roller (tail)',
            self::Top => 'top roller',
        };
    }
}
