<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

/** What a width of the top read in the bed says. */
enum StretchState: string
{
    case Fine = 'fine';
    case Stretched = 'stretched';
    case Bunched = 'bunched';
    case Elsewhere = 'elsewhere';

    public function advice(): string
    {
        return match ($this) {
            self::Fine => 'As wide as it was measured: go on.',
            self::Stretched => 'It is pulled wide: let the side clamps off, smooth it back, and read again.',
            self::Bunched => 'It is bunched: smooth it outward from the middle, and read again.',
            self::Elsewhere => 'No top gives or gathers so much: something else was measured. Read it again.',
        };
    }
}
