<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** The shape of the top's outer edge. */
enum EdgeKind: string implements Worded
{
    case Straight = 'straight';
    case Scalloped = 'scalloped';
    case Points = 'points';

    /** A shaped edge is never attached to a roller. */
    public function mustFloat(): bool
    {
        return self::Straight !== $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::Straight => 'straight',
            self::Scalloped => 'scalloped',
            self::Points => 'points',
        };
    }
}
