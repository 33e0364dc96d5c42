<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\EdgeFullness;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\Squareness;

/** What the quilter should know of the top (rule 2). */
final readonly class TopFindings
{
    private const EDGES = [
        'top' => '/top/widths/top',
        'bottom' => '/top/widths/bottom',
        'left' => '/top/lengths/left',
        'right' => '/top/lengths/right',
    ];

    /** @return list<Finding> */
    public function collect(MeasuredTop $top): array
    {
        return array_values(
            array_filter([
                ...array_map($this->ofEdge(...), array_keys($top->edges), $top->edges),
                $top->isMiddleDoubtful()
                    ? new Finding(
                        FindingCode::MiddleDoubtful,
                        Phrase::of(
                            'Two opposite edges differ from the middle the same way by more than 1 %%. Measure the ' .
                                'middle again.',
                        ),
                        '/top',
                    )
                    : null,
                $this->ofSquareness($top->square),
            ]),
        );
    }

    /** @param key-of<self::EDGES> $edge */
    private function ofEdge(string $edge, EdgeFullness $fullness): ?Finding
    {
        $share = number_format(abs($fullness->share()) * 100, 1);

        return match ($fullness->verdict()) {
            EdgeVerdict::TooFull => new Finding(
                FindingCode::EdgeTooFull,
                Phrase::of(
                    "The $edge edge is %s %% fuller than the middle: too much to work in. Speak to the client before " .
                        'loading.',
                    $share,
                ),
                self::EDGES[$edge],
            ),
            EdgeVerdict::TooTight => new Finding(
                FindingCode::EdgeTooTight,
                Phrase::of(
                    "The $edge edge is %s %% shorter than the middle: the body has the fullness. Speak to the client " .
                        'before loading.',
                    $share,
                ),
                self::EDGES[$edge],
            ),
            EdgeVerdict::WorkIn, EdgeVerdict::WorkInBody, EdgeVerdict::Flat => null,
        };
    }

    private function ofSquareness(Squareness $square): ?Finding
    {
        return match ($square) {
            Squareness::Off => new Finding(
                FindingCode::TopOffSquare,
                Phrase::of('The top is a little out of square: align it by an inner seam, not by its edge.'),
                '/top/diagonals',
            ),
            Squareness::Out => new Finding(
                FindingCode::TopOutOfSquare,
                Phrase::of('The top is out of square by more than 1.5 %%. Speak to the client before loading.'),
                '/top/diagonals',
            ),
            Squareness::Square, Squareness::Unknown => null,
        };
    }
}
