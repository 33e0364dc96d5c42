<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

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
        $stations = $check->stations;
        $span = $stations[\count($stations) - 1]->reading->at->minus($stations[0]->reading->at);
        $slope = $check->tilt->length()->nanometres / $span->nanometres;

        return new self($leader, $hangsForward ? $slope : -$slope, self::error($stations, $slope), $span);
    }

    /** @param list<StationResult> $stations */
    private static function error(array $stations, float $slope): float
    {
        $n = \count($stations);
        $xs = array_map(static fn(StationResult $one): float => $one->reading->at->toMillimetres(), $stations);
        $ds = array_map(static fn(StationResult $one): float => $one->reading->distance->toMillimetres(), $stations);
        [$x, $d] = [array_sum($xs) / $n, array_sum($ds) / $n];
        [$sxx, $rest] = [0.0, 0.0];
        foreach ($xs as $i => $at) {
            $sxx += ($at - $x) ** 2;
            $rest += ($ds[$i] - $d - $slope * ($at - $x)) ** 2;
        }

        return $n > 2 ? sqrt($rest / ($n - 2) / $sxx) : 0.0;
    }
}
