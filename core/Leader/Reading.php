<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/**
 * The distance from a straight stitched line to the leader's edge, at a station from its centre mark, right positive.
 */
final readonly class Reading
{
    public function __construct(public Length $at, public Length $distance) {}

    /** @return array{float, float} both in millimetres */
    public function point(): array
    {
        return [$this->at->toMillimetres(), $this->distance->toMillimetres()];
    }
}
