<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;

/** A basting line that is in: where, as a distance from the lead hold, and whether it is meant to stay. */
final readonly class LineIn
{
    /** @param Length|null $at null where it is no line across */
    public function __construct(public LineKind $kind, public ?Length $at, public bool $stays) {}
}
