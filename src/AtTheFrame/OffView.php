<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Shelf\Recipes\RecipeRepository;
use App\Tension\Inquiries;
use Schwung\Core\Material\End;
use Schwung\Core\Shelf\LeftoverRule;
use Schwung\Core\Shelf\Leftovers;
use Schwung\Core\Sizing\BindingRule;

/** What is told of a quilt that is off its frame: why it lies as it does, and how it was drawn in. */
final readonly class OffView
{
    public function __construct(
        private Inquiries $inquiries,
        private FinishedTops $finished,
        private RecipeRepository $recipes,
    ) {}

    public function of(RunView $view, OffSheet $off): OffTold
    {
        $seen = [];
        foreach (OffSheet::SIGHTINGS as $symptom) {
            foreach ($view->journal->problems() as $problem) {
                if (str_starts_with($problem->key, Sightings::stem($view->run, $symptom))) {
                    $inquiry = $this->inquiries->open($view, $problem->key);
                    $seen[$problem->key] = null === $inquiry ? $symptom->words() : $inquiry->sentence();
                }
            }
        }
        $recipe = $this->recipes->of($view->run->quilt);
        $expected = $this->finished->expect($view->run->quilt->studio, $view->preparation);

        return new OffTold(
            $seen,
            $expected,
            null === $off->finishedWidth || null === $off->finishedLength
                ? null
                : (new BindingRule())->length($off->finishedWidth, $off->finishedLength),
            $this->leftovers($view),
            $recipe->isBooked() ? $recipe : null,
        );
    }

    /** Of the margins as they were laid, before anything is trimmed. */
    private function leftovers(RunView $view): ?Leftovers
    {
        $plan = $view->preparation->kept();
        if (null === $plan) {
            return null;
        }
        $laid = $plan->chosenPlan()->backing->laid;

        return (new LeftoverRule($view->preparation->known->practice))->of(
            [
                'lead' => $laid->at(End::Lead),
                'tail' => $laid->at(End::Tail),
                'left' => $laid->left->length(),
                'right' => $laid->right->length(),
            ],
            $view->setup->across(),
            $view->setup->along(),
        );
    }
}
