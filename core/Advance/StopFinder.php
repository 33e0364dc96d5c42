<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rule 10: where to stop so that passes and cut blocks together cost least; of equal plans the fewest passes, then
 * the most even ones, then the earliest stops.
 *
 * Dynamic programming over the seams and the chains of furthest reaches. Every pass that may come before a stop lies
 * in a window that only moves on, so the costs take one walk each way (a sliding minimum, O(n) for n candidates);
 * only stops that lie on a plan of least cost are then compared for evenness. Optimal over the candidates.
 */
final readonly class StopFinder
{
    /** So many seams and reaches; more comes only of a frame that has next to no depth. */
    private const MOST_CANDIDATES = 100_000;

    /** Passes count in the last digits of a score, costs in tenths before them. */
    private const UNIT = 100_000;

    /**
     * @param int $passCost what one more pass costs in tenths; ten sets it equal to a cut block
     */
    public function __construct(private int $passCost = 10) {}

    /**
     * @param \Closure(float): float $depth what can be stitched from a place on, in millimetres
     *
     * @return list<Stop>|null the inner stops; null where no pass can be made at some place
     */
    public function find(SeamGrid $grid, \Closure $depth): ?array
    {
        $candidates = $this->candidates($grid, $depth);
        if (null === $candidates) {
            return null;
        }
        [$places, $costs] = $candidates;
        $reaches = array_map(static fn(float $place): float => $place + $depth($place), $places);
        $scores = array_map(fn(int $cost): int => ($cost + $this->passCost) * self::UNIT + 1, $costs);
        $path = $this->mostEven(
            $places,
            $reaches,
            $scores,
            $this->before($places, $reaches, $scores),
            $this->after($places, $reaches, $scores),
        );

        return array_map(
            static fn(int $i): Stop => new Stop(
                Length::millimetres($places[$i]),
                0 === $costs[$i] ? StopKind::Seam : $grid->between($places[$i]),
                Length::millimetres(0 === $costs[$i] ? 0 : $grid->toNearest($places[$i])),
            ),
            $path,
        );
    }

    /**
     * Both edges, every seam, and from each of them the chain of furthest reaches.
     *
     * @param \Closure(float): float $depth
     *
     * @return array{list<float>, list<int>}|null places in order and their costs
     */
    private function candidates(SeamGrid $grid, \Closure $depth): ?array
    {
        $reached = [];
        foreach ([0.0, ...$grid->seams] as $place) {
            $passes = 0;
            while (
                ($step = $depth($place)) > Near::MILLIMETRES &&
                ($place += $step) < $grid->length - Near::MILLIMETRES
            ) {
                $reached[] = $place;
                if (++$passes > RowPasses::MOST || \count($reached) > self::MOST_CANDIDATES) {
                    return null;
                }
            }
            if ($step <= Near::MILLIMETRES) {
                return null;
            }
        }
        sort($reached);

        return $this->merged([0.0, ...$grid->seams, $grid->length], $reached, $grid);
    }

    /**
     * @param list<float> $seams   with both edges
     * @param list<float> $reached growing
     *
     * @return array{list<float>, list<int>}
     */
    private function merged(array $seams, array $reached, SeamGrid $grid): array
    {
        [$places, $costs, $next] = [[], [], 0];
        foreach ($seams as $seam) {
            for (; $next < \count($reached) && $reached[$next] < $seam - Near::MILLIMETRES; ++$next) {
                if ([] === $places || !Near::isSame($reached[$next], $places[\count($places) - 1])) {
                    $places[] = $reached[$next];
                    $costs[] = $grid->between($reached[$next])->cost();
                }
            }
            if ([] === $places || !Near::isSame($seam, $places[\count($places) - 1])) {
                $places[] = $seam;
                $costs[] = 0;
            }
        }

        return [$places, $costs];
    }

    /**
     * The least score from the first edge to each place, the cost of stopping there included.
     *
     * @param list<float> $places
     * @param list<float> $reaches
     * @param list<int>   $scores
     *
     * @return list<int>
     */
    private function before(array $places, array $reaches, array $scores): array
    {
        $least = [0];
        $window = [0];
        for ($i = 1, $head = 0; $i < \count($places); ++$i) {
            while ($reaches[$window[$head]] < $places[$i] - Near::MILLIMETRES) {
                ++$head;
            }
            $least[] = $least[$window[$head]] + $scores[$i];
            while (\count($window) > $head && $least[$window[\count($window) - 1]] >= $least[$i]) {
                array_pop($window);
            }
            $window[] = $i;
        }

        return $least;
    }

    /**
     * The least score from each place to the last edge, without the cost of the place itself.
     *
     * @param list<float> $places
     * @param list<float> $reaches
     * @param list<int>   $scores
     *
     * @return array<int, int>
     */
    private function after(array $places, array $reaches, array $scores): array
    {
        $last = \count($places) - 1;
        [$least, $window, $head] = [[$last => 0], [$last], 0];
        for ($i = $last - 1; $i >= 0; --$i) {
            while ($places[$window[$head]] > $reaches[$i] + Near::MILLIMETRES) {
                ++$head;
            }
            $least[$i] = $least[$window[$head]] + $scores[$window[$head]];
            $entry = $least[$i] + $scores[$i];
            while (
                \count($window) > $head &&
                $least[$window[\count($window) - 1]] + $scores[$window[\count($window) - 1]] >= $entry
            ) {
                array_pop($window);
            }
            $window[] = $i;
        }

        return $least;
    }

    /**
     * Of the plans of least score, which all have the same passes, the one whose passes differ least: their squares
     * sum to least, because their sum is the same.
     *
     * @param list<float>     $places
     * @param list<float>     $reaches
     * @param list<int>       $scores
     * @param list<int>       $before
     * @param array<int, int> $after
     *
     * @return list<int> the inner stops
     */
    private function mostEven(array $places, array $reaches, array $scores, array $before, array $after): array
    {
        $last = \count($places) - 1;
        $tight = array_values(
            array_filter(array_keys($places), static fn(int $i): bool => $before[$i] + $after[$i] === $before[$last]),
        );
        [$squares, $from, $low] = [[0 => 0.0], [], 0];
        foreach ($tight as $n => $i) {
            while ($reaches[$tight[$low]] < $places[$i] - Near::MILLIMETRES) {
                ++$low;
            }
            for ($k = $low; $k < $n; ++$k) {
                $j = $tight[$k];
                $sum = ($squares[$j] ?? \INF) + ($places[$i] - $places[$j]) ** 2;
                if ($before[$j] + $scores[$i] === $before[$i] && $sum < ($squares[$i] ?? \INF)) {
                    [$squares[$i], $from[$i]] = [$sum, $j];
                }
            }
        }
        $path = [];
        for ($i = $from[$last] ?? 0; 0 !== $i; $i = $from[$i] ?? 0) {
            $path[] = $i;
        }

        return array_reverse($path);
    }
}
