<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

/**
 * An elliptical arc of a path as cubic curves, by the endpoint parametrisation of the SVG specification.
 *
 * @internal
 */
final readonly class Arc
{
    public function __construct(
        private float $rx,
        private float $ry,
        private float $turnDegrees,
        private bool $isLarge,
        private bool $isClockwise,
    ) {}

    /**
     * @return list<array{float, float, float, float, float, float}> two control points and the end of each cubic curve;
     *                                                             a straight one where a radius is zero
     */
    public function curves(float $x0, float $y0, float $x1, float $y1): array
    {
        [$rx, $ry] = [abs($this->rx), abs($this->ry)];
        if (0.0 === $rx * $ry || ($x0 === $x1 && $y0 === $y1)) {
            return [[$x0, $y0, $x1, $y1, $x1, $y1]];
        }
        [$cos, $sin] = [cos(deg2rad($this->turnDegrees)), sin(deg2rad($this->turnDegrees))];
        [$hx, $hy] = [($x0 - $x1) / 2, ($y0 - $y1) / 2];
        [$px, $py] = [$cos * $hx + $sin * $hy, -$sin * $hx + $cos * $hy];
        // Radii too small to reach are scaled up until they do.
        $grow = sqrt(max(1.0, ($px / $rx) ** 2 + ($py / $ry) ** 2));
        [$rx, $ry] = [$rx * $grow, $ry * $grow];
        $root =
            sqrt(max(0.0, ($rx * $ry) ** 2 / (($rx * $py) ** 2 + ($ry * $px) ** 2) - 1)) *
            ($this->isLarge === $this->isClockwise ? -1 : 1);
        [$qx, $qy] = [($root * $rx * $py) / $ry, (-$root * $ry * $px) / $rx];
        [$cx, $cy] = [$cos * $qx - $sin * $qy + ($x0 + $x1) / 2, $sin * $qx + $cos * $qy + ($y0 + $y1) / 2];
        $from = atan2(($py - $qy) / $ry, ($px - $qx) / $rx);
        $sweep = atan2((-$py - $qy) / $ry, (-$px - $qx) / $rx) - $from;
        $sweep += $this->isClockwise && $sweep < 0 ? 2 * \M_PI : (!$this->isClockwise && $sweep > 0 ? -2 * \M_PI : 0);

        return $this->quarters(
            $from,
            $sweep,
            static fn(float $x, float $y): array => [
                $cx + $cos * $rx * $x - $sin * $ry * $y,
                $cy + $sin * $rx * $x + $cos * $ry * $y,
            ],
        );
    }

    /**
     * @param \Closure(float, float): array{float, float} $place from the unit circle
     *
     * @return list<array{float, float, float, float, float, float}>
     */
    private function quarters(float $from, float $sweep, \Closure $place): array
    {
        $count = max(1, (int) ceil(abs($sweep) / (\M_PI / 2) - 1e-9));
        $step = $sweep / $count;
        $reach = (4 / 3) * tan($step / 4);
        $curves = [];
        for ($i = 0; $i < $count; ++$i) {
            [$a, $b] = [$from + $i * $step, $from + ($i + 1) * $step];
            $curves[] = [
                ...$place(cos($a) - $reach * sin($a), sin($a) + $reach * cos($a)),
                ...$place(cos($b) + $reach * sin($b), sin($b) - $reach * cos($b)),
                ...$place(cos($b), sin($b)),
            ];
        }

        return $curves;
    }
}
