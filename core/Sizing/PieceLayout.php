<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** Pieces of batting as they are butted under one quilt, each cut to the part that it covers. */
final readonly class PieceLayout
{
    /** @param list<LaidPiece> $pieces from the lead edge down, left before right */
    private function __construct(public Length $across, public Length $along, public array $pieces) {}

    /** @internal */
    public static function of(PieceCover $cover, Length $across, Length $along): self
    {
        $pieces = self::laid($cover, Length::zero(), Length::zero(), $across, $along);
        usort(
            $pieces,
            static fn(LaidPiece $one, LaidPiece $other): int => $one->top->compareTo($other->top) ?:
            $one->left->compareTo($other->left),
        );

        return new self($across, $along, $pieces);
    }

    /** How many joins are sewn or butted. */
    public function joins(): int
    {
        return \count($this->pieces) - 1;
    }

    /** @return list<LaidPiece> */
    private static function laid(PieceCover $cover, Length $left, Length $top, Length $across, Length $along): array
    {
        if (null === $cover->parts) {
            return [new LaidPiece((int) $cover->piece, $left, $top, $across, $along, $cover->turned)];
        }
        [$one, $other] = $cover->parts;
        if ($cover->isBeside) {
            $first = Length::shortest($one->across, $across);

            return [
                ...self::laid($one, $left, $top, $first, $along),
                ...self::laid($other, $left->plus($first), $top, $across->minus($first), $along),
            ];
        }
        $first = Length::shortest($one->along, $along);

        return [
            ...self::laid($one, $left, $top, $across, $first),
            ...self::laid($other, $left, $top->plus($first), $across, $along->minus($first)),
        ];
    }
}
