<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;

/** The clamps of both sides of a bed, and what they leave free between them. */
final readonly class SideClampPlan
{
    /**
     * @param int    $each   on each side
     * @param int    $wanted on each side, so that no gap is wider than the setting
     * @param Length $gap    between two bites, or beside the outermost
     * @param Length $dip    how far the side draws in between two bites; an estimate
     */
    public function __construct(
        public Pieces $pieces,
        public int $each,
        public int $wanted,
        public Length $gap,
        public Length $dip,
    ) {}

    public function isShort(): bool
    {
        return $this->each < $this->wanted;
    }
}
