<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Tension\Symptom;

/** What a probe has found. */
final readonly class Report
{
    /**
     * @param list<Symptom> $seen
     * @param list<Phrase>  $lines what was read, felt or found beside it; never empty
     * @param array<string, Worked> $figures dips and readings with their working, by what they are of
     */
    public function __construct(
        public Probe $probe,
        public array $seen,
        public array $lines,
        public array $figures = [],
    ) {}
}
