<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Measure\Length;

/** Answers schwung:roll: how thick a sandwich really lies on its roll. */
final readonly class RollAnswer
{
    /** @throws FaultyDocument if the document is no roll that was measured */
    public function to(mixed $document): Answer
    {
        $roll = (new RollReader())->read($document);
        $learnt = $roll->rule->judge($roll->readings, $roll->planned);
        $mm = static fn(?Length $length): ?float => null === $length ? null : round($length->toMillimetres(), 3);

        return Answer::adding($document, [
            'thickness_mm' => $mm($learnt->thickness),
            'error_mm' => $mm($learnt->error),
            'factor' => null === $learnt->factor ? null : round($learnt->factor, 3),
            'state' => $learnt->state->value,
        ]);
    }
}
