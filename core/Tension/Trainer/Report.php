<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Tension\Symptom;

/** What a probe has found. */
final readonly class Report
{
    /**
     * @param list<Symptom> $seen
     * @param list<Phrase>  $lines what was read, felt or found beside it; never empty
     */
    public function __construct(public Probe $probe, public array $seen, public array $lines) {}
}
