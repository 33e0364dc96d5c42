<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** A rectangle that fits within a backing, turned by an angle (radians, clockwise) from its top side. */
final readonly class Fit
{
    public function __construct(public Length $across, public Length $along, public float $turn) {}

    /** More than half a degree is felt as cloth that hangs off its grain. */
    public function isOffGrain(): bool
    {
        return abs(rad2deg($this->turn)) > 0.5;
    }
}
