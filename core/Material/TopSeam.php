<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/** A straight seam of the top, at its distance from the top edge (across) or from the left edge (along). */
final readonly class TopSeam
{
    public function __construct(public Length $at, public SeamKind $kind) {}
}
