<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How the batting is kept in its place: a line basted across, which is the reference for all that follows; pins; or basting all over. */
enum BattingHold: string
{
    case Line = 'line';
    case Pinned = 'pinned';
    case AllOver = 'all-over';
}
