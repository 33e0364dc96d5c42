<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Mend;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\LaidPiece;
use Schwung\Core\Sizing\PieceLayout;
use Schwung\Core\Sizing\RequiredSize;
use Schwung\Core\Sizing\Strip;

/** What was kept and is still to be done at the table before a quilt is loaded, in the order of the work. */
final readonly class PromiseRule
{
    /** @return list<Decision> */
    public function promises(Preparation $preparation): array
    {
        $batting = $preparation->kept()?->batting;
        $pieces = $preparation->isPieced() ? $preparation->pieces() : null;

        return [
            ...$this->ofBacking($preparation->mended(), $preparation->required()),
            ...null === $pieces ? [] : [new Decision('pieces', PinKind::Pieces, $this->ofPieces($pieces))],
            ...null === $batting ? [] : $this->ofBatting($batting),
        ];
    }

    /** @return list<Decision> */
    private function ofBacking(Mended $mended, ?RequiredSize $required): array
    {
        $piecing = $mended->piecings[0] ?? null;

        return match (true) {
            null !== $mended->extension => array_map(
                static fn(Strip $strip): Decision => new Decision(
                    'strip/' . implode('-', $strip->edges),
                    PinKind::Strip,
                    $strip->sentence(),
                ),
                $mended->extension->strips,
            ),
            null !== $piecing => [
                new Decision(
                    'piecing',
                    PinKind::Piecing,
                    Phrase::of(
                        'Piece the new backing: ' .
                            implode(', ', array_fill(0, \count($piecing->cuts), '%s')) .
                            ' off the bolt.',
                        ...array_map(Figure::needed(...), $piecing->cuts),
                    ),
                ),
            ],
            Mend::Piece === $mended->mend && null !== $required => [
                new Decision(
                    'piecing',
                    PinKind::Piecing,
                    Phrase::of(
                        'Piece the new backing, %s × %s at least.',
                        $required->across->figure,
                        $required->along->figure,
                    ),
                ),
            ],
            Mend::SquareUp === $mended->mend => [
                new Decision(
                    'square-up',
                    PinKind::SquareUp,
                    Phrase::of('Cut lead and tail of the backing straight; leave the sides as they are.'),
                ),
            ],
            Mend::AskClient === $mended->mend => [new Decision('client', PinKind::Client, $this->ofClient($required))],
            default => [],
        };
    }

    private function ofClient(?RequiredSize $required): Phrase
    {
        return null === $required
            ? Phrase::of('Take in the larger backing of the client, and measure it.')
            : Phrase::of(
                'Take in the larger backing of the client, %s × %s at least, and measure it.',
                $required->across->figure,
                $required->along->figure,
            );
    }

    private function ofPieces(PieceLayout $layout): Phrase
    {
        $sizes = implode(', ', array_fill(0, \count($layout->pieces), '%s × %s'));
        $figures = array_merge(
            [],
            ...array_map(
                static fn(LaidPiece $piece): array => [Figure::needed($piece->across), Figure::needed($piece->along)],
                $layout->pieces,
            ),
        );

        return Phrase::of(
            0 === $layout->joins()
                ? "Cut the piece of batting to $sizes."
                : "Cut pieces of batting to $sizes, butt them edge to edge without an overlap and join them flat.",
            ...$figures,
        );
    }

    /** @return list<Decision> */
    private function ofBatting(BattingCheck $batting): array
    {
        return null === $batting->trimTo
            ? []
            : [
                new Decision(
                    'trim',
                    PinKind::Trim,
                    Phrase::of('Trim the batting to %s across.', Figure::left($batting->trimTo)),
                ),
            ];
    }
}
