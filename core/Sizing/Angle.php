<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/**
 * What rectangles fit when turned by one angle: those that keep every bound.
 *
 * @internal
 */
final readonly class Angle
{
    /**
     * @param float       $radians clockwise on the page, from the backing's top side
     * @param list<Bound> $bounds
     */
    public function __construct(public float $radians, public array $bounds) {}

    public function longestAt(float $width): float
    {
        $longest = \INF;
        foreach ($this->bounds as $bound) {
            $length = $bound->lengthAt($width);
            $longest = $length < $longest ? $length : $longest;
        }

        return $longest;
    }

    public function widestAt(float $length): float
    {
        $widest = \INF;
        foreach ($this->bounds as $bound) {
            $width = $bound->widthAt($length);
            $widest = $width < $widest ? $width : $widest;
        }

        return $widest;
    }

    /**
     * The rectangle of greatest area: halfway along one bound, or where two bounds meet.
     *
     * @return array{float, float} width and length in millimetres
     */
    public function greatest(): array
    {
        $best = [0.0, 0.0];
        foreach ($this->candidateWidths() as $width) {
            $length = $width > 0 ? $this->longestAt($width) : 0.0;
            if ($width * $length > $best[0] * $best[1] + 1e-9 && is_finite($length)) {
                $best = [$width, $length];
            }
        }

        return $best;
    }

    /**
     * No rectangle at this angle has more area than this; a quick look before greatest() is worked out.
     *
     * Two bounds multiplied: (a w + b l)(d w + e l) is at least (√(ae) + √(db))² w l, since squares are not negative.
     */
    public function mostArea(): float
    {
        [$most, $roots] = [\INF, []];
        foreach ($this->bounds as $bound) {
            [$c, $a, $b] = $roots[] = [$bound->c, sqrt($bound->a), sqrt($bound->b)];
            foreach ($roots as [$d, $e, $f]) {
                $root = $a * $f + $e * $b;
                if ($root > Bound::NONE && $c * $d < $most * $root * $root) {
                    $most = ($c * $d) / ($root * $root);
                }
            }
        }

        return $most;
    }

    /** @return list<float> */
    private function candidateWidths(): array
    {
        $widths = [];
        foreach ($this->bounds as $i => $bound) {
            if ($bound->a > Bound::NONE) {
                $widths[] = $bound->c / (2 * $bound->a);
                if ($bound->b <= Bound::NONE) {
                    $widths[] = $bound->c / $bound->a;
                }
            }
            for ($k = 0; $k < $i; ++$k) {
                $that = $this->bounds[$k];
                $determinant = $bound->a * $that->b - $that->a * $bound->b;
                if (abs($determinant) > Bound::NONE) {
                    $widths[] = ($bound->c * $that->b - $that->c * $bound->b) / $determinant;
                }
            }
        }

        return $widths;
    }
}
