<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Length;

/** Four margins named by hand, of the loaded edges. */
final readonly class CustomMargins
{
    public function __construct(public Length $lead, public Length $tail, public Length $left, public Length $right) {}
}
