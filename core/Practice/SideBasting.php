<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** From which end the sides of a bed are basted. */
enum SideBasting: string implements Worded
{
    case FromFront = 'from-front';
    case FromBack = 'from-back';

    public function words(): string
    {
        return match ($this) {
            self::FromFront => 'from the front bar back',
            self::FromBack => 'from the back forward',
        };
    }
}
