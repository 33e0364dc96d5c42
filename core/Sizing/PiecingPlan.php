<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/**
 * One way to piece a backing from a bolt.
 *
 * Seams along the rails are given from the lead edge of the finished backing, the others from its centre.
 */
final readonly class PiecingPlan
{
    /**
     * @param non-empty-list<Length> $cuts  lengths to cut off the bolt, in order
     * @param list<Length>           $seams
     * @param float                  $waste square millimetres bought beyond the size needed
     */
    public function __construct(
        public PiecingWay $way,
        public array $cuts,
        public Length $bolt,
        public Length $cloth,
        public Length $toBuy,
        public array $seams,
        public float $waste,
        public bool $turnsPrint,
    ) {}
}
