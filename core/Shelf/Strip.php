<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** A strip of backing that trimming leaves. */
final readonly class Strip
{
    /** @param string $where "lead", "tail", "left" or "right" */
    public function __construct(public string $where, public Length $width, public Length $length) {}

    /** How much of a narrower strip it gives, one piece after the other. */
    public function gives(Length $width): Length
    {
        return $this->length->times(max(0, intdiv($this->width->nanometres, max(1, $width->nanometres))));
    }
}
