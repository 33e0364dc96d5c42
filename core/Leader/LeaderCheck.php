<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Worked;

/** How straight a leader is; tilt and bow are signed, right and middle longer positive. */
final readonly class LeaderCheck
{
    /** @param non-empty-list<StationResult> $stations from left to right */
    public function __construct(
        public Worked $range,
        public LeaderVerdict $verdict,
        public Worked $tilt,
        public Worked $bow,
        public array $stations,
    ) {}
}
