<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** A piece of batting at its place, cut to size: left and top are measured from the left end of the lead edge. */
final readonly class LaidPiece
{
    /**
     * @param int  $number its place in the list of pieces, from 0
     * @param bool $turned it lies with its length across
     */
    public function __construct(
        public int $number,
        public Length $left,
        public Length $top,
        public Length $across,
        public Length $along,
        public bool $turned,
    ) {}
}
