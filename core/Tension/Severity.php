<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How bad a problem is. */
enum Severity: string
{
    case Noted = 'noted';
    case Mended = 'mended';
    case Picked = 'picked';

    public function words(): string
    {
        return match ($this) {
            self::Noted => 'seen, went on',
            self::Mended => 'stopped and mended it',
            self::Picked => 'had to pick stitches out',
        };
    }
}
