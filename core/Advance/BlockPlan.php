<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** The passes of block work and the stops between them. */
final readonly class BlockPlan
{
    /** @param list<Stop> $stops the inner ones, in order */
    public function __construct(public array $stops, public PassPlan $passes) {}

    public function stopsInBlocks(): int
    {
        return Stop::countInBlocks($this->stops);
    }
}
