<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;

/** Pieces of one holding system that hang on a frame, or on a leader that lies there ready. */
final readonly class Hanging
{
    /**
     * @param list<StockPiece> $pieces
     * @param string           $on      the quilt whose cloth they hold
     */
    public function __construct(public HoldingSystem $system, public array $pieces, public string $on) {}

    public function count(): int
    {
        return array_sum(array_map(static fn(StockPiece $piece): int => $piece->count, $this->pieces));
    }
}
