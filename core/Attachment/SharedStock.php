<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** What is left of a stock of one holding system when an edge has taken its pieces. */
final readonly class SharedStock
{
    /**
     * @param list<StockPiece> $stock
     *
     * @return list<StockPiece> kinds of which none is left are kept with a count of zero
     */
    public function after(array $stock, Attachment $taken): array
    {
        if (HoldingSystem::Zip === $taken->system) {
            return $this->withoutZip($stock, $taken->edge->length());
        }
        $used = $taken->countByLength();
        // Points have no length of their own: they are all of the one kind that there is.
        $points = $used[0] ?? 0;

        return array_map(
            static fn(StockPiece $kind): StockPiece => new StockPiece(
                $kind->length,
                max(0, $kind->count - $points - ($used[$kind->length->nanometres] ?? 0)),
            ),
            $stock,
        );
    }

    /**
     * An edge takes the shortest zip that is long enough.
     *
     * @param list<StockPiece> $stock
     *
     * @return list<StockPiece>
     */
    private function withoutZip(array $stock, Length $edge): array
    {
        $zip = ZipPlanner::fitting($stock, $edge);

        return array_map(
            static fn(StockPiece $kind): StockPiece => $kind === $zip
                ? new StockPiece($kind->length, $kind->count - 1)
                : $kind,
            $stock,
        );
    }
}
