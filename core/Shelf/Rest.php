<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** What is left of cloth when a part was cut out of it. */
final readonly class Rest
{
    public function __construct(public Length $width, public Length $length) {}

    public function squareMetres(): float
    {
        return ($this->width->toMillimetres() * $this->length->toMillimetres()) / 1e6;
    }

    public function isAtLeast(Length $each): bool
    {
        return !$this->width->isShorterThan($each) && !$this->length->isShorterThan($each);
    }
}
