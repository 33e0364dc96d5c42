<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Practice\Hand;

/** In which order places along an edge are filled; places are given from left to right, orders count from 1. */
final readonly class PlacingOrder
{
    /**
     * From the middle out, a place on one side and then its mirror on the other.
     *
     * @return list<int> the order of each place
     */
    public function fromCentre(int $count, Hand $hand): array
    {
        $places = range(0, max(0, $count - 1));
        $middle = ($count - 1) / 2;
        usort($places, static function (int $one, int $other) use ($middle, $hand): int {
            $first = Hand::Right === $hand ? 1 : -1;

            return abs($one - $middle) <=> abs($other - $middle) ?: $first * ($other <=> $one);
        });

        return $this->orders($places);
    }

    /**
     * Centre, both ends, then always the middle of the widest gap, left before right: the edge hangs evenly at every
     * moment. Without a middle place the ends come first.
     *
     * @return list<int>
     */
    public function byHalving(int $count, bool $endsFirst = false): array
    {
        if ($count < 3) {
            return range(1, $count);
        }
        $middle = intdiv($count - 1, 2);
        $filled = $endsFirst ? [0, $count - 1, $middle] : [$middle, 0, $count - 1];
        $sorted = [0, $middle, $count - 1];
        while (\count($filled) < $count) {
            [$from, $to] = $this->widestGap($sorted);
            $filled[] = $sorted[] = intdiv($from + $to, 2);
            sort($sorted);
        }

        return $this->orders($filled);
    }

    /**
     * @param non-empty-list<int> $sorted
     *
     * @return array{int, int}
     */
    private function widestGap(array $sorted): array
    {
        $widest = [0, 0];
        for ($i = 1; $i < \count($sorted); ++$i) {
            if ($sorted[$i] - $sorted[$i - 1] > $widest[1] - $widest[0]) {
                $widest = [$sorted[$i - 1], $sorted[$i]];
            }
        }

        return $widest;
    }

    /**
     * @param list<int> $filled places in the order of filling
     *
     * @return list<int>
     */
    private function orders(array $filled): array
    {
        $orders = array_flip($filled);
        ksort($orders);

        return array_map(static fn(int $order): int => $order + 1, array_values($orders));
    }
}
