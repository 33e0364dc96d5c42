<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StitchedRule;
use Schwung\Core\Loading\ThreadRule;

/** Brings together what the steps of a load depend on. */
final readonly class SetupRule
{
    /** Null while there are no passes to load for. */
    public function setup(Preparation $preparation): ?Setup
    {
        [$plan, $winding, $holding] = [$preparation->kept(), $preparation->winding(), $preparation->holding()];
        if (null === $plan || null === $winding || null === $holding) {
            return null;
        }
        $known = $preparation->known;
        $stitched = (new StitchedRule($plan->job->top->across($plan->chosen()), $preparation->laid()))->byPass(
            $winding,
        );

        return new Setup(
            plan: $plan,
            winding: $winding,
            habits: $known->parts->desk->habits,
            stitches: $known->practice->stitches,
            thread: (new ThreadRule($known->practice->stitches))->plan($stitched),
            held: $holding->ends,
            position: $holding->place,
            hand: $known->parts->desk->habits->hand ?? $known->hand,
            hasSteelBars: $known->hasSteelBars,
            practice: $known->practice,
        );
    }
}
