<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

/** Where a quilt or one of its stages stands. */
enum Standing: string
{
    case Open = 'open';
    case Fine = 'fine';
    case Decide = 'decide';
    case Stuck = 'stuck';

    public function words(): string
    {
        return match ($this) {
            self::Open => 'open',
            self::Fine => 'fine',
            self::Decide => 'needs a decision',
            self::Stuck => 'stuck',
        };
    }

    /** The worse of both; open is better than fine, because nothing is known against it. */
    public function worse(self $that): self
    {
        return $this->rank() >= $that->rank() ? $this : $that;
    }

    private function rank(): int
    {
        return match ($this) {
            self::Open => 0,
            self::Fine => 1,
            self::Decide => 2,
            self::Stuck => 3,
        };
    }
}
