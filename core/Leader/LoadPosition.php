<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/** A place on the leader that a quilt could hang from, with the wear that is there. */
final readonly class LoadPosition
{
    public function __construct(public Length $at, public int $peak, public float $mean) {}
}
