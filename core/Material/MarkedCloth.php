<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** On which cloth something was noted. */
enum MarkedCloth: string implements Worded
{
    case Top = 'top';
    case Backing = 'backing';

    public function words(): string
    {
        return "on the $this->value";
    }
}
