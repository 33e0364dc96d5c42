<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/** By how much a quilt will be drawn in, of a hundred of its top, with one standard error each; an estimate. */
final readonly class ContractionLearnt
{
    /** @param int $quilts that it rests on */
    public function __construct(
        public float $across,
        public float $acrossError,
        public float $along,
        public float $alongError,
        public int $quilts,
    ) {}
}
