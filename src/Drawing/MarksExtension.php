<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Measure\UnitsExtension;
use App\Settings\WordsExtension;
use Twig\Attribute\AsTwigFunction;

/** Writes the marks of a drawing as SVG elements, in the units and words of whoever looks. */
final readonly class MarksExtension
{
    public function __construct(private UnitsExtension $units, private WordsExtension $words) {}

    /**
     * From back to front.
     *
     * @param list<Shape> $shapes
     * @param string      $prefix of the ids of fills, where a page has many drawings
     */
    #[AsTwigFunction('marks', isSafe: ['html'])]
    public function marks(array $shapes, string $prefix = ''): string
    {
        $svg = '';
        foreach ($shapes as $shape) {
            $svg .= "<$shape->element";
            foreach ($shape->attributes as $name => $value) {
                $value = '' === $prefix ? $value : str_replace('url(#', "url(#$prefix", $value);
                $svg .= " $name=\"" . htmlspecialchars($value) . '"';
            }
            $svg .=
                null === $shape->text
                    ? '/>'
                    : '>' .
                        htmlspecialchars($this->words->inWords($this->units->inUnits($shape->text))) .
                        "</$shape->element>";
        }

        return $svg;
    }
}
