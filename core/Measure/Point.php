<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A place or a vector in the plane, in millimetres; x grows to the right, y toward the quilter. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    public function minus(self $that): self
    {
        return new self($this->x - $that->x, $this->y - $that->y);
    }

    public function dot(self $that): float
    {
        return $this->x * $that->x + $this->y * $that->y;
    }

    /** The z component of the cross product: positive when $that lies clockwise of this on the page. */
    public function cross(self $that): float
    {
        return $this->x * $that->y - $this->y * $that->x;
    }

    public function norm(): float
    {
        return hypot($this->x, $this->y);
    }
}
