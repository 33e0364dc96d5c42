<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** One pass of a quilt as it is worked: where it lies on the bed, in millimetres from the lead edge. */
final readonly class Wind
{
    /**
     * @param int  $number      in the order of the work, over both halves of a quilt that is turned round
     * @param bool $fromTail    the quilt is turned round, and the pass counts from the tail edge
     * @param bool $turnsBefore the quilt is turned round just before this pass
     */
    public function __construct(
        public int $number,
        public Pass $pass,
        public float $from,
        public float $to,
        public bool $fromTail,
        public bool $turnsBefore,
    ) {}
}
