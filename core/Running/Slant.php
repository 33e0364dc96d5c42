<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 22, slant: how a seam across runs from the last row, read at two places: the right less the left, over what lies
 * between them. It is given to the next row as a turn, or as how much lower or higher its right side is laid.
 */
final readonly class Slant
{
    /** What a row may be off over its width before it is worth turning. */
    private const FORGIVEN_INCHES = 0.0625;

    /**
     * @param float  $degrees of the next row, clockwise for somebody who stands at the front
     * @param Length $lower   how much nearer the quilter its right side is laid, over the width of the quilt
     */
    private function __construct(public float $degrees, public Length $lower) {}

    /**
     * @param Length $apart from the left place to the right one
     * @param Length $width of the quilt
     *
     * @throws \InvalidArgumentException where both places are one
     */
    public static function of(Length $left, Length $right, Length $apart, Length $width): self
    {
        if (!$apart->isPositive()) {
            throw new \InvalidArgumentException(
                'Both places lie on one point: read far to the left and far to the right.',
            );
        }
        $slope = $right->minus($left)->nanometres / $apart->nanometres;

        return new self(rad2deg(atan($slope)), Length::millimetres($slope * $width->toMillimetres()));
    }

    public function sentence(): Phrase
    {
        return $this->lower->absolute()->isLongerThan(Length::inches(self::FORGIVEN_INCHES))
            ? Phrase::of(
                \sprintf(
                    'Turn the next row by %.1f° %s, or lay its right side %%s %s.',
                    abs($this->degrees),
                    $this->degrees > 0 ? 'clockwise' : 'counterclockwise',
                    $this->degrees > 0 ? 'lower' : 'higher',
                ),
                Figure::measured($this->lower->absolute()),
            )
            : Phrase::of('The seam runs with the row: lay the next one as it is.');
    }
}
