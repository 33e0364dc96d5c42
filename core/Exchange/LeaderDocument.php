<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/** What a leader check document says. */
final readonly class LeaderDocument
{
    /** @param list<Reading> $readings from left to right */
    public function __construct(public UnitSystem $units, public Length $bedSpan, public array $readings) {}
}
