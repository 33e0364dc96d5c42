<?php

declare(strict_types=1);

namespace App\Quilt;

use Symfony\Component\Uid\Ulid;

/** Asks for the verdicts of a studio that are from before to be worked out anew, some at a time. */
final readonly class RecountVerdicts
{
    public function __construct(public Ulid $studio) {}
}
