<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** Whether a backing is enough; tight is short of the school but not of the worked-out margin. */
enum BackingState: string
{
    case Fits = 'fits';
    case Tight = 'tight';
    case Short = 'short';

    public function worse(self $that): self
    {
        return $this->rank() >= $that->rank() ? $this : $that;
    }

    public function isBetterThan(self $that): bool
    {
        return $this->rank() < $that->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::Fits => 0,
            self::Tight => 1,
            self::Short => 2,
        };
    }
}
