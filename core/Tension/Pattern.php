<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** A symptom that keeps coming back at one place of one frame, more often than chance allows. */
final readonly class Pattern
{
    /**
     * @param list<string> $sightings the loads on which it was seen
     * @param int          $loads     over how many of the frame's last loads
     * @param float        $p         how likely so many are by chance
     */
    public function __construct(
        public string $frame,
        public Symptom $symptom,
        public Zone $zone,
        public array $sightings,
        public int $loads,
        public float $p,
    ) {}

    public function sentence(): string
    {
        return \sprintf(
            '%s, %s, on %d of the last %d loads, whatever was on it.',
            ucfirst($this->symptom->words()),
            $this->zone->value,
            \count($this->sightings),
            $this->loads,
        );
    }
}
