<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Measure\Length;

/** What a roll document says. */
final readonly class RollDocument
{
    /** @param list<RollReading> $readings as they stand in it */
    public function __construct(public RollRule $rule, public Length $planned, public array $readings) {}
}
