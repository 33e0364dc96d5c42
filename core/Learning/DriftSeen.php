<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/** How far one finished load was drifting to at its tail, as a part of its length. */
final readonly class DriftSeen
{
    public function __construct(public float $length, public float $forecast) {}

    /** Sideways over the length, whichever way. */
    public function part(): float
    {
        return abs($this->forecast) / $this->length;
    }
}
