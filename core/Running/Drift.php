<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Worked;

/** Where a top is drifting to; all but skew are null while fewer than three readings are there. */
final readonly class Drift
{
    /** @param float|null $slopePerMetre millimetres to the right for each metre wound on */
    public function __construct(
        public DriftState $state,
        public ?float $slopePerMetre,
        public ?Worked $forecast,
        public ?Worked $forecastError,
        public ?Worked $marginLeft,
        public ?Worked $skew,
    ) {}
}
