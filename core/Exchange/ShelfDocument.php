<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;

/** What a shelf document says. */
final readonly class ShelfDocument
{
    /**
     * @param list<Roll>  $rolls
     * @param list<Piece> $pieces
     * @param list<Need>  $needs
     */
    public function __construct(
        public UnitSystem $units,
        public array $rolls,
        public array $pieces,
        public array $needs,
    ) {}
}
