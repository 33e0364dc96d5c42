<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** The straight line nearest to points, by least squares; it tells how far off it may be anywhere. */
final readonly class LineFit
{
    private function __construct(
        public float $slope,
        private float $middle,
        private float $atMiddle,
        private float $scatter,
        private float $spread,
        private int $count,
    ) {}

    /**
     * @param non-empty-list<array{float, float}> $points x and y; all at one x, the line is level
     */
    public static function through(array $points): self
    {
        $n = \count($points);
        $middle = array_sum(array_column($points, 0)) / $n;
        $atMiddle = array_sum(array_column($points, 1)) / $n;
        [$sxx, $sxy, $rest] = [0.0, 0.0, 0.0];
        foreach ($points as [$x, $y]) {
            $sxx += ($x - $middle) ** 2;
            $sxy += ($x - $middle) * ($y - $atMiddle);
        }
        $slope = $sxx > 0.0 ? $sxy / $sxx : 0.0;
        foreach ($points as [$x, $y]) {
            $rest += ($y - $atMiddle - $slope * ($x - $middle)) ** 2;
        }

        return new self($slope, $middle, $atMiddle, $n > 2 ? sqrt($rest / ($n - 2)) : 0.0, $sxx, $n);
    }

    public function at(float $x): float
    {
        return $this->atMiddle + $this->slope * ($x - $this->middle);
    }

    /** One standard error of the slope; none of a line through two points. */
    public function slopeError(): float
    {
        return $this->spread > 0.0 ? $this->scatter / sqrt($this->spread) : 0.0;
    }

    /** One standard error of the line there. */
    public function error(float $x): float
    {
        return $this->scatter *
            sqrt(1 / $this->count + ($this->spread > 0.0 ? ($x - $this->middle) ** 2 / $this->spread : 0.0));
    }

    /** One standard error of a single new point there. */
    public function errorOfOne(float $x): float
    {
        return hypot($this->scatter, $this->error($x));
    }
}
