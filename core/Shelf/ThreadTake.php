<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** What one quilt takes of one cone. */
final readonly class ThreadTake
{
    public function __construct(public string $quilt, public string $cone, public Length $length) {}
}
