<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** One way of bringing a late quilt into time, and what it costs the others. */
final readonly class WayOut
{
    /**
     * @param string|null $frame   on which it would be done
     * @param int|null    $day     on which more is worked, or for which it would be promised; counted from the first day
     * @param int|null    $minutes that are worked more on that day
     * @param int         $end     when it would be done
     * @param float       $costs   weighted days by which others are later
     */
    public function __construct(
        public WayOutKind $kind,
        public int $end,
        public float $costs = 0.0,
        public ?string $frame = null,
        public ?int $day = null,
        public ?int $minutes = null,
    ) {}
}
