<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Bench\Plan\QuiltFactsRepository;
use App\Quilt\Quilt;
use App\Shelf\Thread\ShelfThread;
use Schwung\Core\Measure\Length;

/** What waiting quilts will take of a cone, as far as their recipes are settled. */
final readonly class ThreadNeeds
{
    public function __construct(private RecipeRepository $recipes, private QuiltFactsRepository $facts) {}

    /** With everyday cloth and rows where its own are not known yet; null while even its top is not measured. */
    public function assumed(Quilt $quilt): ?Length
    {
        $thread = $this->facts->find($quilt)?->facts()->thread ?? 0.0;

        return $thread > 0 ? Length::millimetres($thread) : null;
    }

    /** By those that are due before this one. */
    public function before(Quilt $quilt, ShelfThread $cone): Length
    {
        $facts = $this->facts->findWaiting($quilt->studio);
        $sum = Length::zero();
        foreach ($this->recipes->findWaiting($quilt->studio) as $recipe) {
            $one = $recipe->quilt;
            if ($one === $quilt || ($one->due() ?? null) > ($quilt->due() ?? new \DateTimeImmutable('9999-12-31'))) {
                continue;
            }
            $needed = Length::millimetres(($facts[(string) $one->id()] ?? null)?->facts()->thread ?? 0);
            $cones = (int) ($recipe->top() === $cone) + (int) ($recipe->bobbin() === $cone);
            $sum = $sum->plus($needed->times($cones));
        }

        return $sum;
    }
}
