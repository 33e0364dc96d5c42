<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** A cause with how likely it is, and why. */
final readonly class Likely
{
    /**
     * @param float        $chance  of all causes together they sum to one
     * @param list<string> $for     clauses, the strongest first
     * @param list<string> $against the same
     */
    public function __construct(
        public CauseEntry $entry,
        public float $score,
        public float $chance,
        public array $for,
        public array $against,
    ) {}

    public function cause(): Cause
    {
        return $this->entry->cause;
    }

    public function explains(Symptom $symptom): bool
    {
        return $this->entry->strength($symptom) > 0;
    }
}
