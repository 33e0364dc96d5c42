<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** How a quilt is really worked, with what was kept of turning round and of borders left to the end. */
final readonly class Winding
{
    /**
     * @param non-empty-list<Wind> $winds   in the order of the work
     * @param list<Stop>           $stops   from the lead edge
     * @param list<BorderPass>     $borders worked last, if they are kept for the end
     * @param list<Section>        $sections
     * @param list<Move>           $moves   on a frame that works in sections
     */
    public function __construct(
        public Roll $roll,
        public array $winds,
        public ?RowLayout $rows,
        public array $stops,
        public array $borders,
        public array $sections,
        public array $moves,
        public bool $isTurnedRound,
    ) {}

    public function count(): int
    {
        return \count($this->winds);
    }

    /** The pass of this number, or the nearest there is. */
    public function at(int $number): Wind
    {
        return $this->winds[max(1, min(\count($this->winds), $number)) - 1];
    }

    public function hasRatchet(): bool
    {
        return null !== $this->winds[0]->pass->clicks;
    }

    public function stopsInBlocks(): int
    {
        return Stop::countInBlocks($this->stops);
    }

    /** @return list<Wind> */
    public static function winds(PassPlan $passes): array
    {
        return array_map(
            static fn(Pass $pass): Wind => new Wind(
                $pass->number,
                $pass,
                $pass->from->toMillimetres(),
                $pass->to->toMillimetres(),
                false,
                false,
            ),
            $passes->passes,
        );
    }

    /** @return list<Wind> the second half, counted on from $count */
    public static function windsFromTail(PassPlan $passes, float $along, int $count): array
    {
        return array_map(
            static fn(Pass $pass): Wind => new Wind(
                $count + $pass->number,
                $pass,
                $along - $pass->to->toMillimetres(),
                $along - $pass->from->toMillimetres(),
                true,
                1 === $pass->number,
            ),
            $passes->passes,
        );
    }
}
