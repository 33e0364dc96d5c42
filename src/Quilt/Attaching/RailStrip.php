<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Drawing\Strip;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\Piece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/**
 * Draws one rail as it is seen from the front of the frame: its ruler with zero at the leader's centre mark, the
 * leader, the edge, and every piece at its place and true length, numbered in the order of placing.
 */
final readonly class RailStrip
{
    private const HIGH = 150;

    public function __construct(private UnitSystem $units) {}

    /** @param list<Length> $markers */
    public function draw(
        Attachment $attachment,
        ?Length $leader,
        Length $position,
        array $markers,
        string $label,
    ): Picture {
        $half = max(
            $leader?->half()->toMillimetres() ?? 0,
            $attachment->edge->length()->half()->toMillimetres() + abs($position->toMillimetres()),
        );
        $strip = new Strip($half, self::HIGH);
        $canvas = $strip->canvas;
        $px = $canvas->px(...);
        $edge = $attachment->edge->length()->toMillimetres();

        return new Picture($canvas, $label, [
            ...$strip->ruler($this->units),
            ...null === $leader
                ? []
                : [
                    Shape::box(
                        -$leader->half()->toMillimetres(),
                        $px(44),
                        $leader->toMillimetres(),
                        $px(26),
                        'leader',
                        'url(#hatch)',
                    ),
                ],
            Shape::box($position->toMillimetres() - $edge / 2, $px(70), $edge, $px(52), 'held-edge'),
            Shape::line($position->toMillimetres(), $px(70), $position->toMillimetres(), $px(122), 'section-line'),
            ...array_map(
                static fn(Length $marker): Shape => Shape::polygon(
                    [
                        [$marker->toMillimetres() - $px(7), $px(122)],
                        [$marker->toMillimetres() + $px(7), $px(122)],
                        [$marker->toMillimetres(), $px(108)],
                    ],
                    'marker',
                ),
                $markers,
            ),
            ...array_merge(
                [],
                ...array_map(
                    fn(Piece $piece): array => $this->piece($piece, $canvas, \count($attachment->pieces) > 24),
                    $attachment->pieces,
                ),
            ),
        ]);
    }

    /** @return list<Shape> */
    private function piece(Piece $piece, Canvas $canvas, bool $isDense): array
    {
        [$from, $to] = [$piece->from->toMillimetres(), $piece->to->toMillimetres()];
        $shape =
            $to - $from < 1
                ? Shape::box($from - $canvas->px(3), $canvas->px(54), $canvas->px(6), $canvas->px(28), 'pin')
                : Shape::box($from, $canvas->px(56), $to - $from, $canvas->px(24), 'piece');
        $low = $isDense && 0 === $piece->order % 2;

        return [
            $shape,
            Shape::text(
                ($from + $to) / 2,
                $canvas->px($low ? 118 : 100),
                (string) $piece->order,
                $canvas->px($isDense ? 14 : 17),
                'halo strong',
                'middle',
            ),
        ];
    }
}
