<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/** Rule 3, second half: the rectangle of backing that a loaded top needs with its margins. */
final readonly class RequiredSize
{
    private function __construct(public Worked $across, public Worked $along, public Margins $margins) {}

    public static function of(Length $topAcross, Length $topAlong, Margins $margins): self
    {
        return new self(
            self::sum('Top and both side margins.', $topAcross, ['left' => $margins->left, 'right' => $margins->right]),
            self::sum('Top, lead margin and tail margin.', $topAlong, [
                'lead' => $margins->lead,
                'tail' => $margins->tail,
            ]),
            $margins,
        );
    }

    /** @param array<string, Worked> $margins */
    private static function sum(string $rule, Length $top, array $margins): Worked
    {
        $terms = [new Term('top', Figure::needed($top), 'measured, the largest')];
        $sum = $top;
        foreach ($margins as $edge => $margin) {
            $terms[] = new Term(
                "$edge margin",
                $margin->figure,
                implode(', ', array_unique(array_map(static fn(Term $term): string => $term->source, $margin->terms))),
            );
            $sum = $sum->plus($margin->length());
        }

        return new Worked(Figure::needed($sum), $rule, $terms);
    }
}
