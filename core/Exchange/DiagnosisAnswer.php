<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;

/** Answers schwung:diagnose: every cause with its chance, the likeliest first. */
final readonly class DiagnosisAnswer
{
    /** @throws FaultyDocument if the document is no tension case */
    public function to(mixed $document): Answer
    {
        $ranked = (new DiagnosisRule(Knowledge::ofTheTrade()))->rank((new TensionReader())->read($document));
        $members = $document instanceof \stdClass ? get_object_vars($document) : [];

        return new Answer([
            ...$members,
            'result' => array_map(
                static fn(Likely $likely): array => [
                    'cause' => $likely->cause()->value,
                    'chance' => round($likely->chance, 4),
                    'for' => $likely->for,
                    'against' => $likely->against,
                    'test' => $likely->entry->test,
                    'now' => $likely->entry->now,
                    'next_time' => $likely->entry->nextTime,
                ],
                $ranked,
            ),
        ]);
    }
}
