<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/**
 * Rule 14, channel clips over several edges out of one stock: as many edges as can be are held, then as many as can be
 * by the wanted cover, then the fewest pieces, then the least excess.
 *
 * Every run that the first edge could take is tried with the best that is left for the others, which is exact. Of a
 * stock in which one edge has more runs than MOST the first edges take their best in turn, which is good.
 */
final readonly class ClipSharing
{
    /** Each run costs one search for the other edges; a few thousand are some tens of milliseconds. */
    private const MOST = 4000;

    /**
     * @param list<StockPiece>    $stock
     * @param array<string, Edge> $edges
     *
     * @return array<string, list<StockPiece>> the clips of each edge that can be held
     */
    public function runs(array $stock, array $edges): array
    {
        return $this->best($stock, $edges)[1];
    }

    /**
     * @param list<StockPiece>    $stock
     * @param array<string, Edge> $edges
     *
     * @return array{array{int, int, int, int, int}, array<string, list<StockPiece>>} rank, less is better, and the runs
     */
    private function best(array $stock, array $edges): array
    {
        $name = array_key_first($edges);
        if (null === $name) {
            return [[0, 0, 0, 0, 0], []];
        }
        $others = \array_slice($edges, 1, null, true);
        $best = null;
        foreach ($this->candidates($stock, $edges[$name], [] === $others) as $run) {
            [$rank, $runs] = $this->best($this->without($stock, $run), $others);
            $own = $this->rank($run, $edges[$name]);
            $rank = [
                $own[0] + $rank[0],
                $own[1] + $rank[1],
                $own[2] + $rank[2],
                $own[3] + $rank[3],
                $own[4] + $rank[4],
            ];
            if (null === $best || $rank < $best[0]) {
                $best = [$rank, null === $run ? $runs : [$name => $run, ...$runs]];
            }
        }
        \assert(null !== $best);

        return $best;
    }

    /**
     * The runs that hold an edge, and none at all, which comes last. The last edge needs only its best.
     *
     * @param list<StockPiece> $stock
     *
     * @return list<list<StockPiece>|null>
     */
    private function candidates(array $stock, Edge $edge, bool $isLast): array
    {
        $bounds = ClipBounds::of($edge);
        $runs = $isLast ? null : $this->all($stock, $bounds);
        if (null === $runs) {
            $choice = (new ClipChoice())->choose($stock, $bounds->wanted, $bounds->least, $bounds->longest);
            $runs = null === $choice ? [] : [$this->counted($choice)];
        }

        return [...$runs, null];
    }

    /**
     * @param list<StockPiece> $stock
     *
     * @return list<list<StockPiece>>|null null where there are too many to try
     */
    private function all(array $stock, ClipBounds $bounds): ?array
    {
        $runs = [[[], 0]];
        foreach ($stock as $kind) {
            $longer = [];
            foreach ($runs as [$pieces, $total]) {
                for ($count = 0; $count <= $kind->count && $total <= $bounds->longest->nanometres; ++$count) {
                    $longer[] = [0 === $count ? $pieces : [...$pieces, new StockPiece($kind->length, $count)], $total];
                    $total += $kind->length->nanometres;
                }
            }
            $runs = $longer;
            if (\count($runs) > self::MOST) {
                return null;
            }
        }

        return array_values(
            array_map(
                static fn(array $run): array => $run[0],
                array_filter(
                    $runs,
                    static fn(array $run): bool => $run[1] >= $bounds->least->nanometres &&
                        $run[1] <= $bounds->longest->nanometres,
                ),
            ),
        );
    }

    /**
     * @param list<StockPiece>|null $run
     *
     * @return array{int, int, int, int, int} not held, held by less than the wanted cover, how much less, pieces, total
     */
    private function rank(?array $run, Edge $edge): array
    {
        if (null === $run) {
            return [1, 0, 0, 0, 0];
        }
        $bounds = ClipBounds::of($edge);
        $count = array_sum(array_map(static fn(StockPiece $piece): int => $piece->count, $run));
        $total = array_sum(
            array_map(static fn(StockPiece $piece): int => $piece->count * $piece->length->nanometres, $run),
        );
        $below = max(0, $bounds->wanted->nanometres - $total);

        return [0, (int) ($below > 0), $below, $count, $total];
    }

    /**
     * @param list<Length> $lengths
     *
     * @return list<StockPiece>
     */
    private function counted(array $lengths): array
    {
        $counts = array_count_values(array_map(static fn(Length $length): int => $length->nanometres, $lengths));

        return array_map(
            static fn(int $nanometres, int $count): StockPiece => new StockPiece(
                Length::ofNanometres($nanometres),
                $count,
            ),
            array_keys($counts),
            $counts,
        );
    }

    /**
     * @param list<StockPiece>      $stock
     * @param list<StockPiece>|null $run
     *
     * @return list<StockPiece>
     */
    private function without(array $stock, ?array $run): array
    {
        foreach ($run ?? [] as $taken) {
            $stock = array_map(
                static fn(StockPiece $kind): StockPiece => 0 === $kind->length->compareTo($taken->length)
                    ? new StockPiece($kind->length, $kind->count - $taken->count)
                    : $kind,
                $stock,
            );
        }

        return $stock;
    }
}
