<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** Everything that is known of one cause. */
final readonly class CauseEntry
{
    /**
     * @param array<string, int> $shows strength by the word of each symptom: 3 nearly always, 2 often, 1 sometimes
     * @param list<Hint>         $hints
     * @param string             $ifSo  what its own test shows where it is the cause; $ifNot where it is not
     * @param float              $prior how much likelier than others before anything is seen
     */
    public function __construct(
        public Cause $cause,
        public string $words,
        public array $shows,
        public array $hints,
        public string $test,
        public string $ifSo,
        public string $ifNot,
        public string $now,
        public string $nextTime,
        public float $prior = 0.0,
    ) {}

    public function strength(Symptom $symptom): int
    {
        return $this->shows[$symptom->value] ?? 0;
    }
}
