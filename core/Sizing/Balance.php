<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/**
 * Three sides whose inward normals balance with weights that are not negative.
 *
 * @internal
 */
final readonly class Balance
{
    /** Weights below this are the noise of parallel sides and count as zero. */
    private const NOISE = 1e-9;

    /**
     * @param list<array{float, float, float}> $sides weight and inward normal of each side that counts
     * @param float                            $room  what the weighted offsets leave
     */
    private function __construct(private array $sides, private float $room) {}

    /**
     * Parallel sides balance alone; they are found in two of the threes and told once.
     *
     * @param list<Side> $sides
     *
     * @return list<self>
     */
    public static function among(array $sides): array
    {
        $balances = [];
        foreach (array_keys($sides) as $left) {
            $three = array_diff_key($sides, [$left => true]);
            [$p, $q, $r] = array_values($three);
            $weights = [$q->normal->cross($r->normal), $r->normal->cross($p->normal), $p->normal->cross($q->normal)];
            $sign = array_sum($weights) < 0 ? -1 : 1;
            $weights = array_combine(
                array_keys($three),
                array_map(static fn(float $weight): float => $sign * $weight, $weights),
            );
            $counting = array_filter($weights, static fn(float $weight): bool => $weight > self::NOISE);
            if ([] === array_filter($weights, static fn(float $weight): bool => $weight < -self::NOISE)) {
                $balances[implode(' ', array_keys($counting))] = self::weighted($sides, $counting);
            }
        }

        return array_values($balances);
    }

    /**
     * @param list<Side>        $sides
     * @param array<int, float> $weights by side
     */
    private static function weighted(array $sides, array $weights): self
    {
        [$weighted, $room] = [[], 0.0];
        foreach ($weights as $i => $weight) {
            $weighted[] = [$weight, $sides[$i]->normal->x, $sides[$i]->normal->y];
            $room -= $weight * $sides[$i]->offset;
        }

        return new self($weighted, $room);
    }

    public function boundAt(float $turn): Bound
    {
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$a, $b] = [0.0, 0.0];
        foreach ($this->sides as [$weight, $x, $y]) {
            $a += $weight * abs($x * $cos + $y * $sin);
            $b += $weight * abs($y * $cos - $x * $sin);
        }

        return new Bound($a / 2, $b / 2, $this->room);
    }
}
