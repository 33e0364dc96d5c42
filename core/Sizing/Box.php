<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** An upright rectangle on the bed, in millimetres; lead is its smaller y. */
final readonly class Box
{
    public function __construct(public float $left, public float $lead, public float $right, public float $tail) {}

    public static function centred(float $x, float $y, float $across, float $along): self
    {
        return new self($x - $across / 2, $y - $along / 2, $x + $across / 2, $y + $along / 2);
    }

    public function across(): float
    {
        return $this->right - $this->left;
    }

    public function along(): float
    {
        return $this->tail - $this->lead;
    }
}
