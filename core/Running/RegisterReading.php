<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Length;

/** How far the top lies off its marks at an advance, after smoothing; right positive. */
final readonly class RegisterReading
{
    /** @param Length $wound what was wound on at that advance */
    public function __construct(public Length $wound, public Length $left, public Length $right) {}

    public function mean(): Length
    {
        return $this->left->plus($this->right)->half();
    }

    public function skew(): Length
    {
        return $this->right->minus($this->left);
    }
}
