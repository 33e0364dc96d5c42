<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

/** A fault that was seen on an earlier load of the same frame. */
final readonly class Earlier
{
    public function __construct(public Symptom $symptom, public Zone $zone) {}
}
