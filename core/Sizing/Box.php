<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** An upright rectangle on the bed, in millimetres; lead is its smaller y. */
final readonly class Box
{
    public function __construct(public float $left, public float $lead, public float $right, public float $tail) {}

    public function across(): float
    {
        return $this->right - $this->left;
    }

    public function along(): float
    {
        return $this->tail - $this->lead;
    }
}
