<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** That a symptom was seen on a load, in a zone of the bed. */
final readonly class Sighting
{
    /** @param string $load which load it was, by any name that is the same for the same load */
    public function __construct(public string $load, public Symptom $symptom, public Zone $zone) {}
}
