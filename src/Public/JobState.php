<?php

declare(strict_types=1);

namespace App\Public;

/** How far a quilt is, as its client is told. */
final readonly class JobState
{
    /** @param bool $mayBring whether there is still something that a client can bring or measure */
    public function __construct(public string $words, public bool $mayBring) {}
}
