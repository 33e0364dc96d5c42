<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** How the seams of a pieced backing lie once it is loaded. */
enum PiecingWay: string
{
    case AlongRails = 'along-rails';
    case RollerToRoller = 'roller-to-roller';
}
