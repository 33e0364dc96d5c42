<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/** A text on the bed at a place in millimetres; $role is what it says, and how it is dressed. */
final readonly class Label
{
    /**
     * @param 'margin'|'short'|'fullness'  $role
     * @param 'start'|'middle'|'end'        $anchor
     * @param float                         $aside  pixels of the page to move it sideways
     */
    public function __construct(
        public float $x,
        public float $y,
        public Figure|Phrase $text,
        public string $role,
        public string $anchor = 'middle',
        public float $aside = 0.0,
    ) {}
}
