<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\LineReading;

/** What a line document says. */
final readonly class LineDocument
{
    /** @param list<LineReading> $readings at least two, at places of their own */
    public function __construct(public UnitSystem $units, public Length $width, public array $readings) {}
}
