<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Tension\Bed\Bed;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Look;
use Schwung\Core\Tension\Symptom;

/** A bed with hidden faults: always the same for the same level and seed. */
final readonly class Exercise
{
    /**
     * @param non-empty-list<Fault> $faults
     * @param list<Symptom>         $seen    all there is to see, wherever it is
     * @param list<float>           $line    the stitched line's distance from the leader's edge at five places, left to
     *   right, in millimetres
     * @param non-empty-list<Cause> $offered causes to choose from, the hidden ones among them
     */
    public function __construct(
        public Level $level,
        public int $seed,
        public Bed $bed,
        public array $faults,
        public array $seen,
        public array $line,
        public array $offered,
    ) {}

    /** @return list<Cause> */
    public function causes(): array
    {
        return array_map(static fn(Fault $fault): Cause => $fault->cause, $this->faults);
    }

    /** @return list<Symptom> what this probe lets one see */
    public function seenBy(Probe $probe): array
    {
        return array_values(
            array_filter(
                $this->seen,
                static fn(Symptom $symptom): bool => (\in_array($symptom->look(), $probe->looks(), true) &&
                    Symptom::SnapBack !== $symptom) ||
                    (Probe::Release === $probe && Symptom::SnapBack === $symptom),
            ),
        );
    }

    /** @return list<Symptom> what this probe shows to be missing */
    public function missedBy(Probe $probe): array
    {
        $there = array_merge([], ...array_map(static fn(Look $look): array => $look->symptoms(), $probe->looks()));

        return array_values(
            array_filter(
                $there,
                fn(Symptom $symptom): bool => !\in_array($symptom, $this->seen, true) && Symptom::SnapBack !== $symptom,
            ),
        );
    }

    /** @return list<string> what it finds beside what is seen and measured */
    public function tracesOf(Probe $probe): array
    {
        return array_values(
            array_filter(
                array_map(static fn(Fault $fault): ?string => $fault->traces[$probe->value] ?? null, $this->faults),
            ),
        );
    }

    /** The probes that tell the hidden faults, and a look into the bed first. */
    public function par(): int
    {
        $probes = [Probe::Well->value => Probe::Well];
        foreach ($this->faults as $fault) {
            $probes[$fault->proof->value] = $fault->proof;
        }

        return array_sum(array_map(static fn(Probe $probe): int => $probe->minutes(), $probes));
    }
}
