<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What a load is expected to take, in minutes. */
final readonly class Estimate
{
    /**
     * @param float $loading   until the first stitch of the quilting
     * @param float $stitching the machine's own time
     * @param float $tending   advances, readings and taking off, once it is loaded
     * @param float $unlearnt  the whole as it was estimated before any load had taught anything
     * @param float $variance  of the whole, in minutes squared: the sum of the steps'
     */
    public function __construct(
        public float $loading,
        public float $stitching,
        public float $tending,
        public float $unlearnt,
        public float $variance,
    ) {}

    public function minutes(): float
    {
        return $this->loading + $this->stitching + $this->tending;
    }

    /** As the queue counts them; nothing is done in less than one. */
    public function wholeMinutes(): int
    {
        return max(1, (int) round($this->minutes()));
    }

    /** One standard deviation. */
    public function spread(): float
    {
        return sqrt($this->variance);
    }
}
