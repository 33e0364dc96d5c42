<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** Points from left to right, joined by straight lines. */
final readonly class Polyline
{
    /** @param non-empty-list<array{float, float}> $points x and y, each x beyond the one before */
    public function __construct(private array $points) {}

    /** Beyond its ends it is level. */
    public function at(float $x): float
    {
        [$x0, $y0] = $this->points[0];
        foreach ($this->points as [$x1, $y1]) {
            if ($x1 >= $x) {
                return $x1 > $x0 && $x > $x0 ? $y0 + (($x - $x0) / ($x1 - $x0)) * ($y1 - $y0) : $y1;
            }
            [$x0, $y0] = [$x1, $y1];
        }

        return $y0;
    }

    /** Half way from its left end to its right. */
    public function atMiddle(): float
    {
        return $this->at(($this->points[0][0] + $this->last()[0]) / 2);
    }

    /** There too, of the straight line from end to end. */
    public function chordAtMiddle(): float
    {
        return ($this->points[0][1] + $this->last()[1]) / 2;
    }

    /** @return array{float, float} */
    private function last(): array
    {
        return $this->points[\count($this->points) - 1];
    }
}
