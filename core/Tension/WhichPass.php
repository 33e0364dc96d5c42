<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How far a quilt is stitched. */
enum WhichPass: string
{
    case First = 'first';
    case Middle = 'middle';
    case Last = 'last';
}
