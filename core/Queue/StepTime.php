<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Loading\StepKind;

/** A step that was done: the minutes that were estimated for it, and those that it took. */
final readonly class StepTime
{
    public function __construct(public StepKind $kind, public float $expected, public float $real) {}
}
