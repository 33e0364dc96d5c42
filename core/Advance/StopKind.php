<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** Where a pass ends: on a seam of the top, inside its plain border, or inside a block. */
enum StopKind: string
{
    case Seam = 'seam';
    case Border = 'border';
    case Block = 'block';

    /** Tenths of a pass that it costs to end there: a block that is cut must be met again by eye. */
    public function cost(): int
    {
        return match ($this) {
            self::Seam => 0,
            self::Border => 3,
            self::Block => 10,
        };
    }
}
