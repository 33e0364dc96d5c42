<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;

/** Reads lists of pieces at hand: of one end, or of a frame, where a piece may say for which holding system it is. */
final readonly class StockReader
{
    private const MOST = 10_000;

    /** @return list<StockPiece> of one end */
    public function own(Node $node): array
    {
        return array_values(
            array_filter(
                array_map(
                    fn(Node $item): ?StockPiece => $this->piece($item->members(['length', 'count'])),
                    $node->items(),
                ),
            ),
        );
    }

    /** What is there for both ends and the top's own edge together. */
    public function shared(Node $node): Stock
    {
        $pieces = [];
        foreach ($node->items() as $item) {
            $members = $item->members(['length', 'count', 'method']);
            $method = $members['method']->given()?->word(HoldingSystem::class);
            $piece = $this->piece($members);
            if (null !== $piece) {
                $pieces[$method->value ?? Stock::ANY][] = $piece;
            }
        }

        return new Stock($pieces);
    }

    /** @param array<string, Node> $members */
    private function piece(array $members): ?StockPiece
    {
        [$length, $count] = [$members['length']->size(), $members['count']->count(self::MOST)];

        return null === $length || null === $count ? null : new StockPiece($length, $count);
    }
}
