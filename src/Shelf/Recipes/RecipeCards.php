<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\AtTheFrame\OffSheet;
use App\AtTheFrame\RunRepository;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Shelf\Thread\ShelfThread;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Shelf\NearestRule;
use Schwung\Core\Shelf\Sandwich;
use Schwung\Core\Shelf\ThreadCheck;

/** Settles what a quilt is stitched with, and finds what was like it before. */
final readonly class RecipeCards
{
    private const NEAREST = 3;

    public function __construct(
        private RecipeRepository $recipes,
        private Preparations $preparations,
        private RunRepository $runs,
        private ThreadNeeds $needs,
        private ClockInterface $clock,
    ) {}

    public function settle(Recipe $recipe, RecipeInput $input): void
    {
        $recipe->settle(
            $input,
            $this->sandwich($this->preparation($recipe->quilt), $input->top)->toArray(),
            $this->clock->now(),
        );
        $recipe->quilt->windBobbins($input->bobbin?->weight()->tex);
        $this->recipes->keep($recipe);
    }

    public function card(Recipe $recipe): RecipeCard
    {
        $preparation = $this->preparation($recipe->quilt);

        return new RecipeCard($this->checks($recipe, $preparation), $this->nearest($recipe, $preparation));
    }

    /** @return list<Earlier> the most like it first */
    private function nearest(Recipe $recipe, Preparation $preparation): array
    {
        $earlier = $this->recipes->findStitched($recipe->quilt->studio);
        $sandwiches = array_map(static fn(Recipe $one): Sandwich => Sandwich::fromArray($one->sandwich()), $earlier);
        $nearest = (new NearestRule())->nearest(
            $this->sandwich($preparation, $recipe->top()),
            array_filter($sandwiches, static fn(int $i): bool => $earlier[$i] !== $recipe, \ARRAY_FILTER_USE_KEY),
            self::NEAREST,
        );

        return array_map(fn(int $i): Earlier => new Earlier($earlier[$i], $this->off($earlier[$i]->quilt)), $nearest);
    }

    /**
     * Whether the cones last.
     *
     * @return array<string, ThreadCheck> of the top and of the bobbin; none where no thread is chosen, or nothing planned
     */
    private function checks(Recipe $recipe, Preparation $preparation): array
    {
        $needed = $this->preparation($recipe->quilt)->setup()?->thread->thread ?? $this->needs->assumed($recipe->quilt);
        $checks = [];
        foreach (['top' => $recipe->top(), 'bobbin' => $recipe->bobbin()] as $place => $cone) {
            if (null !== $cone && null !== $needed && !$recipe->isBooked()) {
                $isBoth = 'top' === $place && $cone === $recipe->bobbin();
                $checks[$place] = new ThreadCheck(
                    $isBoth ? $needed->times(2) : $needed,
                    $this->needs->before($recipe->quilt, $cone),
                    $cone->left(),
                );
            }
        }

        return $checks;
    }

    private function off(Quilt $quilt): OffSheet
    {
        return $this->runs->findLatest($quilt)?->off() ?? new OffSheet();
    }

    private function sandwich(Preparation $preparation, ?ShelfThread $thread): Sandwich
    {
        $known = $preparation->known;
        $batting = $known->parts->batting;

        return new Sandwich(
            $known->parts->backing?->kind,
            $batting?->kind,
            null === $batting ? null : $known->practice->thickness->loft($batting)->toMillimetres(),
            $thread?->weight()->tex,
        );
    }

    private function preparation(Quilt $quilt): Preparation
    {
        return $this->preparations->of($quilt, UnitSystem::Inches);
    }
}
