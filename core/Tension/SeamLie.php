<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How the seam of a backing lies once it is loaded. */
enum SeamLie: string
{
    case None = 'none';
    case AlongRails = 'along-rails';
    case RollerToRoller = 'roller-to-roller';
}
