<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/**
 * One straight bound on a rectangle's size at one angle: a·W + b·L ≤ c, in millimetres, a and b not negative.
 *
 * @internal
 */
final readonly class Bound
{
    public function __construct(public float $a, public float $b, public float $c)
    {
    }

    /** The greatest L at this width; negative infinity where the width alone breaks the bound. */
    public function lengthAt(float $width): float
    {
        $rest = $this->c - $this->a * $width;
        if ($this->b > 1e-12) {
            return $rest / $this->b;
        }

        return $rest >= 0 ? \INF : -\INF;
    }

    public function swapped(): self
    {
        return new self($this->b, $this->a, $this->c);
    }
}
