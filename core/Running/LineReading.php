<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/** How far a seam or an edge lies off a straight line at one place; toward the quilter is plus. */
final readonly class LineReading
{
    /** @param Length $at from the middle of the quilt, right is plus */
    public function __construct(public Length $at, public Length $off) {}

    /** @return array{float, float} both in millimetres */
    public function point(): array
    {
        return [$this->at->toMillimetres(), $this->off->toMillimetres()];
    }
}
