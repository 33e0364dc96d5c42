<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use Symfony\Component\Uid\Ulid;

/** Asks for the queue of a studio to be worked out anew. */
final readonly class PlanQueue
{
    public function __construct(public Ulid $studio) {}
}
