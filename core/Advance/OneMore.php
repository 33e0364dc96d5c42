<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/**
 * The same design a little smaller, so that every pass but the last takes a row more; $scale is of the asked design.
 */
final readonly class OneMore
{
    public function __construct(
        public float $scale,
        public Length $height,
        public Length $gap,
        public int $rows,
        public int $passes,
    ) {}
}
