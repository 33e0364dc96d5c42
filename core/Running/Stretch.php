<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/** How a width of the top in the bed compares with what it was at the table. */
final readonly class Stretch
{
    /** @param float $part what was read is wider by, as a part of what was measured */
    public function __construct(public StretchState $state, public float $part, public Length $measured) {}
}
