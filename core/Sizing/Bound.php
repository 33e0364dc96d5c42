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
        return $this->rest($this->c - $this->a * $width, $this->b);
    }

    /** The greatest W at this length; negative infinity where the length alone breaks the bound. */
    public function widthAt(float $length): float
    {
        return $this->rest($this->c - $this->b * $length, $this->a);
    }

    private function rest(float $left, float $slope): float
    {
        if ($slope > 1e-12) {
            return $left / $slope;
        }

        return $left >= 0 ? \INF : -\INF;
    }
}
