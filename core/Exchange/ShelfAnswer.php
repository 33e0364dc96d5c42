<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Shelf\AssignmentRule;
use Schwung\Core\Shelf\Cut;

/** Answers schwung:shelf: which batting for which quilt. */
final readonly class ShelfAnswer
{
    /** @throws FaultyDocument if the document is no shelf */
    public function to(mixed $document): Answer
    {
        $shelf = (new ShelfReader())->read($document);
        $figures = new FigureWriter(new LengthWriter($shelf->units));
        $best = (new AssignmentRule())->assign($shelf->rolls, $shelf->pieces, $shelf->needs);

        return Answer::adding($document, [
            'cuts' => array_map(
                static fn(Cut $cut): array => [
                    'need' => $cut->need,
                    'from' => $cut->from,
                    'turned' => $cut->turned,
                    'cut' => null === $cut->length ? null : $figures->figure(Figure::needed($cut->length)),
                ],
                $best->cuts,
            ),
            'unserved' => $best->unserved,
            'new_cloth_m2' => round($best->newCloth, 4),
            'left_over_m2' => round($best->leftOver, 4),
            'proved_best' => $best->provedBest,
        ]);
    }
}
