<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 2: the size of a top, the fullness of its edges and its squareness.
 *
 * An everyday rule of the trade; the limits of half, one and a half and two per cent are its usual figures.
 */
final readonly class TopMeasuring
{
    public function measure(Top $top): MeasuredTop
    {
        return new MeasuredTop(
            $this->largest('widths', $top->width(), [
                'top' => $top->widthTop,
                'middle' => $top->widthMiddle,
                'bottom' => $top->widthBottom,
            ]),
            $this->largest('lengths', $top->length(), [
                'left' => $top->lengthLeft,
                'middle' => $top->lengthMiddle,
                'right' => $top->lengthRight,
            ]),
            [
                'top' => EdgeFullness::between($top->widthTop, $top->widthMiddle),
                'bottom' => EdgeFullness::between($top->widthBottom, $top->widthMiddle),
                'left' => EdgeFullness::between($top->lengthLeft, $top->lengthMiddle),
                'right' => EdgeFullness::between($top->lengthRight, $top->lengthMiddle),
            ],
            $this->squareness($top),
        );
    }

    /** @param array<string, Length> $measures */
    private function largest(string $what, Length $largest, array $measures): Worked
    {
        $terms = [];
        foreach ($measures as $where => $length) {
            $terms[] = new Term($where, Figure::measured($length), 'measured');
        }

        return new Worked(
            Figure::measured($largest),
            "The largest of the three $what: that is what must be covered.",
            $terms,
        );
    }

    private function squareness(Top $top): Squareness
    {
        if (null === $top->diagonals) {
            return Squareness::Unknown;
        }
        [$one, $other] = $top->diagonals;
        $differenceTimes2000 = 2000 * abs($one->nanometres - $other->nanometres);
        $sum = $one->nanometres + $other->nanometres;

        return match (true) {
            $differenceTimes2000 <= 5 * $sum => Squareness::Square,
            $differenceTimes2000 <= 15 * $sum => Squareness::Off,
            default => Squareness::Out,
        };
    }
}
