<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/** What trimming leaves of a backing, and what it would still be good for. */
final readonly class Leftovers
{
    /**
     * @param list<Strip> $strips     those with any width, lead and tail over the whole backing
     * @param Worked      $binding    how long the binding is
     * @param Length      $ofBinding  how much of it the strips give, cut across
     * @param Length      $sleeve     how long a sleeve to hang it by is
     * @param bool        $hasSleeve  whether one strip gives it in one
     */
    public function __construct(
        public array $strips,
        public Worked $binding,
        public Length $ofBinding,
        public Length $sleeve,
        public bool $hasSleeve,
    ) {}

    public function hasBinding(): bool
    {
        return !$this->ofBinding->isShorterThan($this->binding->length());
    }

    /** What is missing of the binding; not positive where the strips give all of it. */
    public function missing(): Length
    {
        return $this->binding->length()->minus($this->ofBinding);
    }
}
