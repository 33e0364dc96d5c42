<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Worked;

/** What a leader check says at one station: what to cut when it is hemmed again, and how far cloth dips there. */
final readonly class StationResult
{
    public function __construct(public Reading $reading, public Worked $cut, public Worked $dip) {}
}
