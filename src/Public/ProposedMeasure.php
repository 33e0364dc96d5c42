<?php

declare(strict_types=1);

namespace App\Public;

/** One measure of a client, and what stands there now; both in the units of whoever looks. */
final readonly class ProposedMeasure
{
    public function __construct(public string $path, public string $name, public string $theirs, public string $ours) {}
}
