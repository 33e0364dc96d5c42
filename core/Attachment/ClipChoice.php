<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/**
 * Rule 14, channel clips: which of the clips at hand make the run.
 *
 * Among runs that reach the wanted cover the fewest pieces, then the least total; if none does, among those that reach
 * the least cover the longest run, then the fewest pieces. A run is never longer than the leader. All totals that can
 * be made are found piece by piece (dynamic programming over whole nanometres), which is exact.
 */
final readonly class ClipChoice
{
    /** More clips than this on one edge are nobody's. */
    private const MOST_PIECES = 40;

    /**
     * @param list<StockPiece> $stock
     *
     * @return list<Length>|null the clips of the run, longest first; null where none reaches
     */
    public function choose(array $stock, Length $wanted, Length $least, Length $longest): ?array
    {
        $runs = $this->runs($stock, $longest);
        $best = null;
        foreach ($runs as $total => $pieces) {
            if ($total >= $wanted->nanometres) {
                $rank = [0, \count($pieces), $total];
            } elseif ($total >= $least->nanometres) {
                $rank = [1, -$total, \count($pieces)];
            } else {
                continue;
            }
            $best = null === $best || $rank < $best[0] ? [$rank, $pieces] : $best;
        }

        return null === $best ? null : array_map(Length::ofNanometres(...), $best[1]);
    }

    /**
     * The longest run that the clips at hand can make within the leader.
     *
     * @param list<StockPiece> $stock
     */
    public function longestRun(array $stock, Length $longest): Length
    {
        $totals = array_keys($this->runs($stock, $longest));

        return Length::ofNanometres([] === $totals ? 0 : max($totals));
    }

    /**
     * @param list<StockPiece> $stock
     *
     * @return array<int, list<int>> the fewest pieces for every total, longest first, in nanometres
     */
    private function runs(array $stock, Length $longest): array
    {
        usort($stock, static fn(StockPiece $one, StockPiece $other): int => $other->length->compareTo($one->length));
        $runs = [0 => []];
        foreach ($stock as $kind) {
            foreach ($runs as $total => $pieces) {
                for ($n = 1; $n <= $kind->count && \count($pieces) + $n <= self::MOST_PIECES; ++$n) {
                    $sum = $total + $n * $kind->length->nanometres;
                    if ($sum > $longest->nanometres) {
                        break;
                    }
                    if (!isset($runs[$sum]) || \count($runs[$sum]) > \count($pieces) + $n) {
                        $runs[$sum] = [...$pieces, ...array_fill(0, $n, $kind->length->nanometres)];
                    }
                }
            }
        }
        unset($runs[0]);

        return $runs;
    }
}
