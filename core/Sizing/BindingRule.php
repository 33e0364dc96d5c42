<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/** How much binding goes round a quilt: all four edges, and what corners and joining the ends take. Everyday rule. */
final readonly class BindingRule
{
    /** For four mitred corners and the join. */
    private const MORE_INCHES = 10;

    public function length(Length $width, Length $length): Worked
    {
        $more = Length::inches(self::MORE_INCHES);

        return new Worked(
            Figure::needed($width->plus($length)->times(2)->plus($more)),
            'Twice the width and twice the length, and more for corners and join.',
            [
                new Term('width', Figure::needed($width), 'quilt'),
                new Term('length', Figure::needed($length), 'quilt'),
                new Term('corners and join', Figure::needed($more), 'everyday rule'),
            ],
        );
    }
}
