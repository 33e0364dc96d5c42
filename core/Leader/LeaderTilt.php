<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LineFit;

/** How far a leader's edge runs out of a line stitched across it, brought to one direction for all leaders. */
final readonly class LeaderTilt
{
    /**
     * @param string $leader word of its roller
     * @param float  $slope  toward the quilter, for one to the right
     * @param float  $error  one standard error of it
     */
    private function __construct(
        public string $leader,
        public float $slope,
        public float $error,
        public Length $span,
    ) {}

    /**
     * Of a check, in which the right is the longer where it is positive.
     *
     * @param bool $hangsForward from a roller at the rear, so that its free edge lies toward the quilter
     */
    public static function of(string $leader, LeaderCheck $check, bool $hangsForward): self
    {
        $line = LineFit::through(
            array_map(static fn(StationResult $station): array => $station->reading->point(), $check->stations),
        );
        $span = $check->stations[\count($check->stations) - 1]->reading->at->minus($check->stations[0]->reading->at);

        return new self($leader, $hangsForward ? $line->slope : -$line->slope, $line->slopeError(), $span);
    }
}
