<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A computed length with the reasons that a page shows when the figure is opened. */
final readonly class Worked
{
    /**
     * @param string     $rule  the rule in words, one sentence
     * @param list<Term> $terms what went in, in the order of the sum
     */
    public function __construct(public Figure $figure, public string $rule, public array $terms) {}

    public function length(): Length
    {
        return $this->figure->length;
    }
}
