<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Shelf\Recipes\Recipe;
use Schwung\Core\Learning\ContractionLearnt;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Shelf\Leftovers;

/** What is told of a quilt that is off its frame. */
final readonly class OffTold
{
    /**
     * @param array<string, string>  $seen     what is seen and why most likely, by the key of the problem
     * @param ContractionLearnt|null $expected how it was to be drawn in; null while too few quilts were measured
     * @param Worked|null            $binding  of its finished size; null while that is not measured
     * @param Leftovers|null         $leftovers what trimming leaves of its backing; null where that is not known
     * @param Recipe|null            $recipe   whose thread was taken off the shelf; null where none was
     */
    public function __construct(
        public array $seen,
        public ?ContractionLearnt $expected,
        public ?Worked $binding,
        public ?Leftovers $leftovers = null,
        public ?Recipe $recipe = null,
    ) {}
}
