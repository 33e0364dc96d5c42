<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Cause;

/** A cause as the trainer hides it in a bed: what it changes there, and where it gives itself away. */
final readonly class Fault
{
    /**
     * @param string                      $field   what it is about; two faults of one field are never hidden together
     * @param \Closure(BedSetup): BedSetup $change
     * @param array<string, string>       $traces  what a probe finds of it, by the probe's word, beside what is seen
     *   and measured there anyway
     * @param Probe                       $proof   the probe that tells it from others
     */
    public function __construct(
        public Cause $cause,
        public string $field,
        public \Closure $change,
        public Probe $proof,
        public array $traces = [],
    ) {}
}
