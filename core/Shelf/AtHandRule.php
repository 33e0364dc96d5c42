<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;

/** What of a stock is really at hand: what hangs on a frame or a leader is not. */
final readonly class AtHandRule
{
    /** @param list<Hanging> $hanging kinds of which none is left stay with a count of zero */
    public function left(Stock $owned, array $hanging): Stock
    {
        foreach ($hanging as $one) {
            $left = $owned->of($one->system);
            if ([] !== $left) {
                $owned = $owned->leaving($one->system, self::without($left, $one->pieces));
            }
        }

        return $owned;
    }

    /** All of several stocks, as frames that lend each other their pieces have them. */
    public function together(Stock ...$stocks): Stock
    {
        $pieces = [];
        foreach ($stocks as $stock) {
            foreach ($stock->pieces as $system => $kinds) {
                foreach ($kinds as $kind) {
                    $count = $pieces[$system][$kind->length->nanometres]->count ?? 0;
                    $pieces[$system][$kind->length->nanometres] = new StockPiece($kind->length, $count + $kind->count);
                }
            }
        }

        return new Stock(array_map(array_values(...), $pieces));
    }

    /**
     * @param list<StockPiece> $there
     * @param list<StockPiece> $taken
     *
     * @return list<StockPiece>
     */
    private static function without(array $there, array $taken): array
    {
        foreach ($taken as $piece) {
            foreach ($there as $i => $kind) {
                if ($kind->length->nanometres === $piece->length->nanometres) {
                    $there[$i] = new StockPiece($kind->length, max(0, $kind->count - $piece->count));
                }
            }
        }

        return $there;
    }
}
