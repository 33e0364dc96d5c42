<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** A cause with how likely it is, and why. */
final readonly class Likely
{
    private const MOST = 0.5;
    private const LIKELY = 0.3;

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

    /** Whether anything speaks for it; what nothing speaks for is named to nobody. */
    public function hasEvidence(): bool
    {
        return [] !== $this->for;
    }

    public function explains(Symptom $symptom): bool
    {
        return $this->entry->strength($symptom) > 0;
    }

    /** How sure that is, in words: a cause that is merely the first of many is not called the likeliest. */
    public function howSure(): string
    {
        return match (true) {
            $this->chance >= self::MOST => 'most likely',
            $this->chance >= self::LIKELY => 'likely',
            default => 'perhaps',
        };
    }
}
