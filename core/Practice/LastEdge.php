<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How the near edge is kept once nothing holds it any more. */
enum LastEdge: string
{
    case Pinned = 'pinned';
    case ByBlock = 'by-block';
    case OnRoller = 'on-roller';
}
