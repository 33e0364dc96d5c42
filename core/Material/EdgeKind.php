<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

/** The shape of the top's outer edge. */
enum EdgeKind: string
{
    case Straight = 'straight';
    case Scalloped = 'scalloped';
    case Points = 'points';

    /** A shaped edge is never attached to a roller. */
    public function mustFloat(): bool
    {
        return self::Straight !== $this;
    }
}
