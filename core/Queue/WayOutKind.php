<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What may bring a late quilt back into time. */
enum WayOutKind: string
{
    case Next = 'next';
    case OtherFrame = 'other-frame';
    case MoreHours = 'more-hours';
    case LaterDue = 'later-due';
}
