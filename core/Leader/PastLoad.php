<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/** An edge that a leader has held: where its centre was, from the centre mark, and how long it was. */
final readonly class PastLoad
{
    public function __construct(public Length $position, public Length $edge) {}

    public function from(): Length
    {
        return $this->position->minus($this->edge->half());
    }

    public function to(): Length
    {
        return $this->position->plus($this->edge->half());
    }
}
