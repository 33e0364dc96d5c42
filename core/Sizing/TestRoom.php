<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** Where beside the top a few stitches can be tried on backing and batting. */
final readonly class TestRoom
{
    /** @param string $place a clause, "beside the top at the left" */
    public function __construct(public string $place, public Length $width) {}
}
