<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/** A seam of the backing at its distance from the backing's top side (across) or left side (along). */
final readonly class BackingSeam
{
    public function __construct(
        public SeamDirection $direction,
        public Length $at,
        public Pressing $pressed = Pressing::Open,
    ) {}
}
