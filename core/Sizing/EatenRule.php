<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * Rule 26: what the batting eats. Puffs of half the loft a between lines of stitching λ apart take up about
 * (π·a/λ)²/4 of the length, so that a fullness f is eaten where lines lie closer than π·a/(2·√f). An estimate.
 */
final readonly class EatenRule
{
    /**
     * @param float  $fullness of the edge over the middle, above zero
     * @param string $loftFrom where the loft comes from
     */
    public function closer(float $fullness, Length $loft, string $loftFrom): Worked
    {
        $half = $loft->half();

        return new Worked(
            Figure::left(Length::millimetres((\M_PI * $half->toMillimetres()) / (2 * sqrt($fullness)))),
            'Lines of stitching closer than this let the puffs between them take the fullness up: π × half the loft ÷ ' .
                '(2 × √fullness). An estimate.',
            [
                new Term('half the loft', Figure::measured($half), $loftFrom),
                new Term(
                    'fullness',
                    Figure::measured(Length::zero()),
                    \sprintf('%.1f %% of the edge', 100 * $fullness),
                ),
            ],
        );
    }
}
