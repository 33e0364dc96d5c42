<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/**
 * Rule 6, from pieces: butted, never overlapped, laid as a guillotine layout: every seam runs straight through from
 * edge to edge of the part that it divides.
 *
 * What each set of pieces can cover is worked out from what its parts can (dynamic programming over sets of pieces), so
 * that the answer is exact: the fewest pieces, then the least cloth. Costs 3^n merges for n pieces.
 */
final readonly class BattingPieces
{
    /**
     * Three to the eighth is some thousands of merges, a few milliseconds; nobody butts more pieces under one quilt.
     */
    public const MOST = 8;

    /**
     * Null where they do not cover; of more pieces than MOST the largest are tried.
     *
     * @param list<array{Length, Length}> $pieces width and length of each
     */
    public function layout(array $pieces, Length $across, Length $along): ?PieceLayout
    {
        $tried = $this->largest($pieces);
        $best = null;
        foreach ($this->covers($tried, $across, $along) as $set => $covers) {
            foreach ($covers as $cover) {
                $rank = [substr_count(decbin($set), '1'), $this->area($tried, $set)];
                if ($cover->isAtLeast($across, $along) && (null === $best || $rank < $best[0])) {
                    $best = [$rank, $cover];
                }
            }
        }

        return null === $best ? null : PieceLayout::of($best[1], $across, $along);
    }

    /**
     * @param list<array{Length, Length}> $pieces
     *
     * @return array<int, array{Length, Length}> by their place in the list as given
     */
    private function largest(array $pieces): array
    {
        uasort(
            $pieces,
            static fn(array $one, array $other): int => $other[0]->toMillimetres() * $other[1]->toMillimetres() <=>
                $one[0]->toMillimetres() * $one[1]->toMillimetres(),
        );

        return \array_slice($pieces, 0, self::MOST, true);
    }

    /**
     * What every set of the pieces can cover, none of it beyond what is needed and none covered by another.
     *
     * @param array<int, array{Length, Length}> $pieces
     *
     * @return array<int, list<PieceCover>> by set, a bit for each of the pieces in turn
     */
    private function covers(array $pieces, Length $across, Length $along): array
    {
        $covers = [];
        $bit = 1;
        foreach ($pieces as $number => [$width, $length]) {
            $covers[$bit] = PieceCover::greatest([
                PieceCover::of($number, $width, $length, false),
                PieceCover::of($number, $length, $width, true),
            ]);
            $bit *= 2;
        }
        for ($set = 1; $set < $bit; ++$set) {
            $covers[$set] ??= $this->merged($covers, $set, $across, $along);
        }

        return $covers;
    }

    /**
     * @param array<int, list<PieceCover>> $covers
     *
     * @return list<PieceCover>
     */
    private function merged(array $covers, int $set, Length $across, Length $along): array
    {
        $found = [];
        // Every way to part the set in two; each pair is met once, because the part with the highest bit comes second.
        for ($part = ($set - 1) & $set; $part > 0; $part = ($part - 1) & $set) {
            if ($part > ($set ^ $part)) {
                continue;
            }
            foreach ($covers[$part] as $one) {
                foreach ($covers[$set ^ $part] as $other) {
                    array_push($found, $one->beside($other, $across, $along), $one->above($other, $across, $along));
                }
            }
        }

        return PieceCover::greatest($found);
    }

    /** @param array<int, array{Length, Length}> $pieces */
    private function area(array $pieces, int $set): float
    {
        $area = 0.0;
        foreach (array_values($pieces) as $i => [$width, $length]) {
            $area += (($set >> $i) & 1) * $width->toMillimetres() * $length->toMillimetres();
        }

        return $area;
    }
}
