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

    /** @param list<array{Side, float}> $weighted */
    private function __construct(private array $weighted)
    {
    }

    /**
     * @param list<Side> $sides
     *
     * @return list<self>
     */
    public static function among(array $sides): array
    {
        $balances = [];
        foreach (array_keys($sides) as $left) {
            $three = array_values(array_diff_key($sides, [$left => true]));
            [$p, $q, $r] = $three;
            $weights = [$q->normal->cross($r->normal), $r->normal->cross($p->normal), $p->normal->cross($q->normal)];
            $sign = array_sum($weights) < 0 ? -1 : 1;
            $weights = array_map(static fn (float $weight): float => $sign * $weight, $weights);
            if (min($weights) >= -self::NOISE) {
                $balances[] = new self(array_map(static fn (Side $side, float $weight): array => [$side, max(0.0, $weight)], $three, $weights));
            }
        }

        return $balances;
    }

    public function boundAt(float $turn): Bound
    {
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$a, $b, $c] = [0.0, 0.0, 0.0];
        foreach ($this->weighted as [$side, $weight]) {
            $n = $side->normal;
            $a += $weight * abs($n->x * $cos + $n->y * $sin) / 2;
            $b += $weight * abs(-$n->x * $sin + $n->y * $cos) / 2;
            $c -= $weight * $side->offset;
        }

        return new Bound($a, $b, $c);
    }
}
