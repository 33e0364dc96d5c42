<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** Pieces of one holding system that hang on a frame, or on a leader that lies there ready. */
final readonly class Hanging
{
    /** Of pieces whose length nobody wrote down only the number counts. */
    private const UNTOLD_INCHES = 1;

    /**
     * @param list<StockPiece> $pieces
     * @param string           $on      the quilt whose cloth they hold
     */
    public function __construct(public HoldingSystem $system, public array $pieces, public string $on) {}

    /**
     * What holds an edge; points are of the one kind that is counted.
     *
     * @param Stock $stock that they were taken from
     */
    public static function of(Attachment $held, Stock $stock, string $on): self
    {
        $pieces = [];
        foreach ($held->countByLength() as $nanometres => $count) {
            $length =
                0 === $nanometres
                    ? $stock->of($held->system)[0]->length ?? Length::inches(self::UNTOLD_INCHES)
                    : Length::ofNanometres($nanometres);
            $pieces[] = new StockPiece($length, $count);
        }

        return new self($held->system, $pieces, $on);
    }

    public function count(): int
    {
        return array_sum(array_map(static fn(StockPiece $piece): int => $piece->count, $this->pieces));
    }
}
