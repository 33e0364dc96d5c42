<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** How a quilt rolls through one way round: its rows or stops, the passes, and what could be had instead. */
final readonly class Course
{
    /**
     * @param RowLayout|null $rows      null for block work
     * @param list<Stop>     $stops     empty for rows
     * @param TurnRound|null $turnRound only where it is worth it
     * @param Length        $outOfReach of the top beside its lead edge, where the needle does not come
     */
    public function __construct(
        public Roll $roll,
        public PassPlan $passes,
        public ?RowLayout $rows,
        public ?OneMore $oneMore,
        public array $stops,
        public ?TurnRound $turnRound,
        public Length $outOfReach,
    ) {}

    public function stopsInBlocks(): int
    {
        return Stop::countInBlocks($this->stops);
    }
}
