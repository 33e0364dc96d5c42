<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How far a quilt is stitched. */
enum Stage: string
{
    case First = 'first';
    case Middle = 'middle';
    case Last = 'last';
}
