<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Running\LineRule;

/** Answers schwung:line: how straight a seam or an edge lies. */
final readonly class LineAnswer
{
    /** @throws FaultyDocument if the document is no line that was read */
    public function to(mixed $document): Answer
    {
        $read = (new LineReader())->read($document);
        $line = (new LineRule())->judge($read->readings, $read->width);
        $figures = new FigureWriter(new LengthWriter($read->units, 16));

        return Answer::adding($document, [
            'slope' => round($line->slope, 6),
            'over_width' => $figures->measured($line->overWidth),
            'bow' => null === $line->bow ? null : $figures->measured($line->bow),
            'state' => $line->state->value,
        ]);
    }
}
