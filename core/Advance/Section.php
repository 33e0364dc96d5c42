<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/**
 * What can be reached of a quilt without moving it sideways, from its left edge; neighbours share the overlap.
 *
 * $boundKind tells what its right bound is stitched up to: a seam, or a line basted through a border or a block.
 */
final readonly class Section
{
    public function __construct(
        public int $number,
        public Length $from,
        public Length $to,
        public ?StopKind $boundKind,
    ) {}

    public function across(): Length
    {
        return $this->to->minus($this->from);
    }
}
