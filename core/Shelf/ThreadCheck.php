<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** Whether what is left of a thread lasts for a quilt, and for those before it that take of the same. */
final readonly class ThreadCheck
{
    public function __construct(public Length $needed, public Length $before, public Length $left) {}

    /** What is there beyond what is needed; negative where it does not last. */
    public function toSpare(): Length
    {
        return $this->left->minus($this->before)->minus($this->needed);
    }

    public function isEnough(): bool
    {
        return !$this->toSpare()->isNegative();
    }
}
