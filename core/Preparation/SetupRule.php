<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\ThreadRule;
use Schwung\Core\Measure\Length;

/** Brings together what the steps of a load depend on. */
final readonly class SetupRule
{
    /** A dip of the design that comes so near the edge holds it. */
    private const NEAR_INCHES = 0.5;

    /** Null while there are no passes to load for. */
    public function setup(Preparation $preparation): ?Setup
    {
        [$plan, $winding, $holding] = [$preparation->kept(), $preparation->winding(), $preparation->holding()];
        if (null === $plan || null === $winding || null === $holding) {
            return null;
        }
        $known = $preparation->known;

        return new Setup(
            plan: $plan,
            winding: $winding,
            habits: $known->parts->desk->habits,
            stitches: $known->practice->stitches,
            thread: ThreadRule::ofLoad(
                $plan,
                $winding,
                $known->parts->desk->habits->purpose,
                $known->practice,
                $preparation->laid(),
            ),
            held: $holding->ends,
            position: $holding->place,
            body: $known->body->workingWith($known->parts->desk->habits->hand),
            practice: $known->practice,
            dips: $preparation
                ->laid()
                ?->betweenDips($plan->job->top->along($plan->chosen()), Length::inches(self::NEAR_INCHES)),
        );
    }
}
