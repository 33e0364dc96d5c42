<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** How a row design ends at the tail: it runs off, the whole design is scaled to end there, or only its gaps are. */
enum Finish: string implements Worded
{
    case RunOff = 'run-off';
    case FitScale = 'fit-scale';
    case FitGap = 'fit-gap';

    public function words(): string
    {
        return match ($this) {
            self::RunOff => 'runs off',
            self::FitScale => 'scaled to end there',
            self::FitGap => 'gaps changed to end there',
        };
    }
}
