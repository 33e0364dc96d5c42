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
    public function __construct(public float $radians, public array $bounds)
    {
    }

    public function longestAt(float $width): float
    {
        $longest = \INF;
        foreach ($this->bounds as $bound) {
            $longest = min($longest, $bound->lengthAt($width));
        }

        return $longest;
    }

    public function widestAt(float $length): float
    {
        $widest = \INF;
        foreach ($this->bounds as $bound) {
            $widest = min($widest, $bound->widthAt($length));
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
            $length = $this->longestAt($width);
            if ($width > 0 && is_finite($length) && $width * $length > $best[0] * $best[1] + 1e-9) {
                $best = [$width, $length];
            }
        }

        return $best;
    }

    /** @return list<float> */
    private function candidateWidths(): array
    {
        $widths = [];
        foreach ($this->bounds as $i => $bound) {
            if ($bound->a > 1e-12) {
                $widths[] = $bound->c / (2 * $bound->a);
                if ($bound->b <= 1e-12) {
                    $widths[] = $bound->c / $bound->a;
                }
            }
            foreach (\array_slice($this->bounds, $i + 1) as $that) {
                $determinant = $bound->a * $that->b - $that->a * $bound->b;
                if (abs($determinant) > 1e-12) {
                    $widths[] = ($bound->c * $that->b - $that->c * $bound->b) / $determinant;
                }
            }
        }

        return $widths;
    }
}
