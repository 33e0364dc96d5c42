<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** Strips to cut alike and sew on: how many, to which edges, cut size and what each adds. */
final readonly class Strip
{
    /** @param list<'lead'|'tail'|'left'|'right'> $edges one strip for each */
    public function __construct(public array $edges, public Length $adds, public Length $cutWidth, public Length $cutLength)
    {
    }

    public function count(): int
    {
        return \count($this->edges);
    }
}
