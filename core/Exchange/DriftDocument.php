<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\RegisterReading;

/** What a drift log document says. */
final readonly class DriftDocument
{
    /** @param list<RegisterReading> $readings in order of what is wound on */
    public function __construct(
        public UnitSystem $units,
        public Length $sideMargin,
        public Length $length,
        public array $readings,
    ) {}
}
