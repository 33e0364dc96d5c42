<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** How the rows that are left could end where they should. */
final readonly class RefitChoice
{
    /**
     * @param Length     $measured from the last stitched row to the tail edge
     * @param Length     $planned  what the plan has there
     * @param Length     $off      how far beyond its place the last row would end; below zero before it
     * @param int        $rows     that are left
     * @param Refit|null $byGap    null where the rows would nest too far
     * @param Refit|null $byScale  null beyond what a design bears
     * @param float      $scale    that the rows left would be drawn at
     */
    public function __construct(
        public Length $measured,
        public Length $planned,
        public Length $off,
        public int $rows,
        public bool $isWorthIt,
        public ?Refit $byGap,
        public ?Refit $byScale,
        public float $scale,
    ) {}
}
