<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\Practice;

/** Answers schwung:plan: the plan of a job, with the trade's usual figures. */
final readonly class PlanAnswer
{
    /** @throws FaultyDocument if the document is no job */
    public function to(mixed $document): Answer
    {
        $plan = (new Planner(new Practice()))->plan((new JobReader())->read($document));

        return new Answer((new PlanWriter($plan))->document(), array_map(static fn (Finding $error): string => $error->at.': '.$error->code, $plan->errors()));
    }
}
