<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** A length to cut off a roll, and the width of the offcut beside it. */
final readonly class RollCut
{
    public function __construct(public Length $length, public Length $offcut, public bool $isOffcutWorthKeeping) {}
}
