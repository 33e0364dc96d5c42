<?php

declare(strict_types=1);

namespace App\Tension;

/** Which problems somebody wants to see; an empty word lets all through. */
final readonly class ProblemFilter
{
    /** A word that nothing is of. */
    public const NONE = 'none';
    public const SEASONS = ['winter', 'spring', 'summer', 'autumn'];

    public function __construct(
        public string $symptom = '',
        public string $zone = '',
        public string $layer = '',
        public string $season = '',
        public string $frame = '',
        public string $cause = '',
    ) {}

    public function lets(LoggedProblem $problem): bool
    {
        return \in_array($this->symptom, ['', $problem->symptom->value], true) &&
            \in_array($this->zone, ['', $problem->hasPlace() ? $problem->zone()->value : 'nowhere'], true) &&
            \in_array($this->layer, ['', $problem->layer->value], true) &&
            \in_array($this->season, ['', $problem->season()], true) &&
            \in_array($this->frame, ['', $problem->frame], true) &&
            \in_array($this->cause, ['', $problem->cause?->cause->value], true);
    }
}
