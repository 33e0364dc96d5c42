<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Frame\StockPiece;

/** How one end is held: the school of its pins, and the pieces at hand where they count. */
final readonly class HoldHabit
{
    /** @param list<StockPiece> $stock empty where it is not known */
    public function __construct(public PinSchool $school = PinSchool::Hand, public array $stock = []) {}
}
