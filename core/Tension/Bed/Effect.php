<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Measure\Worked;
use Schwung\Core\Tension\Symptom;

/** One thing that a bed's setup does to it, with its size and its working. */
final readonly class Effect
{
    /**
     * @param string       $name       what the size is of: "the right side hangs by"
     * @param Worked|null  $size       null where there is nothing to measure
     * @param Symptom|null $symptom    what is seen of it; null while it is too small to be seen
     * @param bool         $isEstimate whether it rests on more than geometry: on how far cloth gives
     */
    public function __construct(
        public string $name,
        public ?Worked $size,
        public ?Symptom $symptom,
        public bool $isEstimate = true,
    ) {}
}
