<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\Direction;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\Remedy;

/** One way round: what it needs, whether the backing is enough, and the ways out if not. */
final readonly class DirectionPlan
{
    /** @param list<Remedy> $remedies */
    public function __construct(public Direction $direction, public BackingCheck $backing, public array $remedies)
    {
    }
}
