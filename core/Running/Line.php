<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/** How a seam or an edge lies along a straight line. */
final readonly class Line
{
    /**
     * @param float       $slope     toward the quilter, for one to the right
     * @param Length      $overWidth how far the right end lies nearer the quilter than the left, over the whole width
     * @param Length|null $bow       how far its middle lies off the chord; null with fewer than three readings
     */
    public function __construct(
        public StraightState $state,
        public float $slope,
        public Length $overWidth,
        public ?Length $bow,
    ) {}
}
