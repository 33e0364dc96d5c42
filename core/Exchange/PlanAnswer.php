<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Preparation\Preparation;

/** Answers schwung:plan: the plan of a job, with the trade's usual figures. */
final readonly class PlanAnswer
{
    /** @throws FaultyDocument if the document is no job */
    public function to(mixed $document): Answer
    {
        $preparation = Preparation::ofJob((new JobReader())->read($document));

        return new Answer(
            (new PlanWriter($preparation))->document(),
            array_map(
                static fn(Finding $error): string => $error->at . ': ' . $error->code->value,
                $preparation->errors(),
            ),
        );
    }
}
