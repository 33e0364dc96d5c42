<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Quilt\Quilt;
use App\Shelf\Thread\ShelfThreadRepository;
use Schwung\Core\Measure\Length;

/** Takes off the cones what a quilt has taken, once: when it comes off its frame. */
final readonly class ThreadBooking
{
    public function __construct(private RecipeRepository $recipes, private ShelfThreadRepository $threads) {}

    /** @param Length $each of the upper thread, and as much of the bobbin's; an estimate */
    public function book(Quilt $quilt, Length $each): void
    {
        $recipe = $this->recipes->of($quilt);
        if (!$recipe->isSettled() || $recipe->isBooked() || !$each->isPositive()) {
            return;
        }
        foreach (array_filter([$recipe->top(), $recipe->bobbin()]) as $cone) {
            $this->threads->alone($cone, static fn() => $cone->use($each));
        }
        $recipe->book((int) round($each->toMillimetres()));
        $this->recipes->keep($recipe);
    }
}
