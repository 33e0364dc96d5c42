<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Mend;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\PiecingPlan;

/** What is kept to be done to a backing that does not fit, and the plan of the cloth as it will be then. */
final readonly class Mended
{
    /**
     * @param Mend              $mend     none where the backing fits as it is, whatever was kept before
     * @param list<PiecingPlan> $piecings both ways, the chosen first; empty while there is nothing to piece
     * @param Plan|null         $plan     null where the cloth stays what it is
     */
    public function __construct(
        public Mend $mend = Mend::None,
        public ?ExtensionPlan $extension = null,
        public array $piecings = [],
        public ?Plan $plan = null,
    ) {}
}
