<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Finds what comes back across quilts: for each frame, symptom and zone, the sightings over its last loads against the
 * rate over the studio's other loads, by a one-sided binomial test. The level is shared out among all that was seen on
 * the frame (Bonferroni): who looks at ten places finds something at one of them by chance.
 */
final readonly class PatternRule
{
    private const LOADS = 12;
    private const FEWEST = 3;
    private const LEVEL = 0.05;

    /**
     * @param array<string, list<string>> $loads     of each frame, the oldest first
     * @param list<Sighting>              $sightings
     *
     * @return list<Pattern> the least likely by chance first
     */
    public function find(array $loads, array $sightings): array
    {
        $patterns = [];
        foreach ($loads as $frame => $all) {
            $last = \array_slice($all, -self::LOADS);
            $others = array_merge([], ...array_values($loads));
            $others = array_values(array_diff($others, $last));
            $places = $this->places($sightings, $last);
            foreach ($places as [$symptom, $zone, $seen]) {
                $elsewhere = \count($this->loadsWith($sightings, $symptom, $zone, $others));
                // Laplace's rule of succession: of few other loads nobody knows the rate well.
                $rate = ($elsewhere + 1) / (\count($others) + 2);
                $p = $this->atLeast(\count($seen), \count($last), $rate);
                if (\count($seen) >= self::FEWEST && $p < self::LEVEL / \count($places)) {
                    $patterns[] = new Pattern($frame, $symptom, $zone, $seen, \count($last), $p);
                }
            }
        }
        usort(
            $patterns,
            static fn(Pattern $one, Pattern $other): int => $one->p <=> $other->p ?: $one->frame <=> $other->frame,
        );

        return $patterns;
    }

    /**
     * @param list<Sighting> $sightings
     * @param list<string>   $loads
     *
     * @return list<array{Symptom, Zone, list<string>}> every symptom and zone that was seen on these loads
     */
    private function places(array $sightings, array $loads): array
    {
        $places = [];
        foreach ($sightings as $sighting) {
            if (\in_array($sighting->load, $loads, true)) {
                $places[$sighting->symptom->value . ' ' . $sighting->zone->value] ??= [
                    $sighting->symptom,
                    $sighting->zone,
                    $this->loadsWith($sightings, $sighting->symptom, $sighting->zone, $loads),
                ];
            }
        }

        return array_values($places);
    }

    /**
     * @param list<Sighting> $sightings
     * @param list<string>   $loads
     *
     * @return list<string> each once, in the order of the loads
     */
    private function loadsWith(array $sightings, Symptom $symptom, Zone $zone, array $loads): array
    {
        $with = [];
        foreach ($sightings as $sighting) {
            if ($sighting->symptom === $symptom && $sighting->zone === $zone) {
                $with[$sighting->load] = true;
            }
        }

        return array_values(array_filter($loads, static fn(string $load): bool => isset($with[$load])));
    }

    /** The chance of at least k of n at this rate. */
    private function atLeast(int $k, int $n, float $rate): float
    {
        [$below, $term] = [0.0, (1 - $rate) ** $n];
        for ($i = 0; $i < $k; ++$i) {
            $below += $term;
            $term *= (($n - $i) / ($i + 1)) * ($rate < 1 ? $rate / (1 - $rate) : 0);
        }

        return max(0.0, min(1.0, 1 - $below));
    }
}
