<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Length;

/** What a holding system costs in cloth at one end: used up in the hold, and kept clear before the top begins. */
final readonly class Grip
{
    public function __construct(public Length $usedUp, public Length $standoff) {}

    public function total(): Length
    {
        return $this->usedUp->plus($this->standoff);
    }
}
