<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** From which end the sides of a bed are basted. */
enum SideBasting: string implements School
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

    public function reason(): string
    {
        return match ($this) {
            self::FromFront => 'fullness walks away from the quilter and ends at the roll',
            self::FromBack => 'the needle comes home to the hand',
        };
    }
}
