<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** From which end the sides of a bed are basted. */
enum SideBasting: string
{
    case FromFront = 'from-front';
    case FromBack = 'from-back';
}
