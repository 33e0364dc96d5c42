<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** How a row design ends at the tail: it runs off, the whole design is scaled to end there, or only its gaps are. */
enum Finish: string
{
    case RunOff = 'run-off';
    case FitScale = 'fit-scale';
    case FitGap = 'fit-gap';
}
