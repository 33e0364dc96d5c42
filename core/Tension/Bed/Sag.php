<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Measure\Length;

/** How far the cloth sinks at one place along the rail. */
final readonly class Sag
{
    /** @param float $at from -1 (left side) to 1 (right side) */
    public function __construct(public float $at, public Length $dip) {}
}
