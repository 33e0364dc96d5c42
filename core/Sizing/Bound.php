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
    /** A slope below this is none. */
    public const NONE = 1e-12;

    public function __construct(public float $a, public float $b, public float $c) {}

    /** The greatest L at this width; negative infinity where the width alone breaks the bound. */
    public function lengthAt(float $width): float
    {
        $left = $this->c - $this->a * $width;

        return $this->b > self::NONE ? $left / $this->b : ($left >= 0 ? \INF : -\INF);
    }

    /** The greatest W at this length; negative infinity where the length alone breaks the bound. */
    public function widthAt(float $length): float
    {
        $left = $this->c - $this->b * $length;

        return $this->a > self::NONE ? $left / $this->a : ($left >= 0 ? \INF : -\INF);
    }
}
