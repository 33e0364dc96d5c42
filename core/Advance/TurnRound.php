<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/**
 * Rule 12: a quilt stitched from one end to the middle, turned, and from the other end to the middle, so that only
 * half of it is ever wound on. Places of $second count from the tail edge.
 */
final readonly class TurnRound
{
    /**
     * @param RowLayout|null $rows         the rows as they must be laid so that the halves meet; null for block work
     * @param list<Stop>     $stops        of both halves, from the lead edge, in order
     * @param bool           $flipsDesign  the design has an up and must be flipped for the second half
     */
    public function __construct(
        public PassPlan $first,
        public PassPlan $second,
        public Length $meeting,
        public ?RowLayout $rows,
        public array $stops,
        public bool $flipsDesign,
    ) {}

    public function count(): int
    {
        return $this->first->count() + $this->second->count();
    }

    /** The least usable depth of both halves. */
    public function leastDepth(): Length
    {
        return Length::shortest(...$this->ofBoth(static fn(Pass $last): Length => $last->depth()->length()));
    }

    /** The thicker roll of both halves. */
    public function rollDiameter(): Length
    {
        return Length::longest(...$this->ofBoth(static fn(Pass $last): Length => $last->rollDiameter()->length()));
    }

    public function stopsInBlocks(): int
    {
        return Stop::countInBlocks($this->stops);
    }

    /**
     * @param \Closure(Pass): Length $measure
     *
     * @return array{Length, Length}
     */
    private function ofBoth(\Closure $measure): array
    {
        $last = static fn(PassPlan $half): Length => null === $half->last() ? Length::zero() : $measure($half->last());
        $first = $last($this->first);

        return [$first, null === $this->second->last() ? $first : $last($this->second)];
    }
}
