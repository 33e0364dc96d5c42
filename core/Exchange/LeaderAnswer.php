<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Leader\LeaderCheckRule;

/** Answers schwung:leader: what the readings along a leader say. */
final readonly class LeaderAnswer
{
    /** @throws FaultyDocument if the document is no leader check */
    public function to(mixed $document): Answer
    {
        $check = (new LeaderReader())->read($document);

        return Answer::adding(
            $document,
            (new LeaderWriter($check->units))->result(
                (new LeaderCheckRule())->check($check->readings, $check->bedSpan),
            ),
        );
    }
}
