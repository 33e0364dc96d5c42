<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use Schwung\Core\Shelf\ThreadCheck;

/** What is said beside a recipe. */
final readonly class RecipeCard
{
    /**
     * @param array<string, ThreadCheck> $checks  whether the threads of the top and of the bobbin last
     * @param list<Earlier>              $nearest the most like it first
     */
    public function __construct(public array $checks, public array $nearest) {}
}
