<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

/** So many pieces of one length that a studio has. */
final readonly class StockPiece
{
    public function __construct(public Length $length, public int $count) {}
}
