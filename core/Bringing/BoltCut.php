<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\PiecingPlan;

/** What to buy of cloth that is so wide, and how to cut it. */
final readonly class BoltCut
{
    public function __construct(public Length $bolt, public PiecingPlan $plan) {}
}
