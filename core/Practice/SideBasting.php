<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** From which end the sides of a bed are basted. */
enum SideBasting: string implements School
{
    case FromFront = 'from-front';
    case FromBack = 'from-back';
    case InOneRun = 'in-one-run';

    public function words(): string
    {
        return match ($this) {
            self::FromFront => 'from the front bar back',
            self::FromBack => 'from the back forward',
            self::InOneRun => 'up one side, across and down the other',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::FromFront => 'fullness walks away from the quilter and ends at the roll',
            self::FromBack => 'the needle comes home to the hand',
            self::InOneRun => 'thread is cut once, and no corner is left open',
        };
    }
}
