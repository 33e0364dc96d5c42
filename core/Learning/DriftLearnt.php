<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/**
 * Rule 25: what a top may drift on this frame, as a part of its length: the 90th percentile of what its finished loads
 * were drifting to, interpolated between neighbours; from eight of them on, within 0.2 % and 2 %.
 */
final readonly class DriftLearnt
{
    public const FEWEST = 8;
    private const SHARE = 0.9;
    private const LEAST = 0.002;
    private const MOST = 0.02;

    /**
     * @param list<DriftSeen> $seen of one kind of float
     *
     * @return float|null of the loaded length; null while there are too few
     */
    public function allowance(array $seen): ?float
    {
        if (\count($seen) < self::FEWEST) {
            return null;
        }
        $parts = array_map(static fn(DriftSeen $one): float => $one->part(), $seen);

        return max(self::LEAST, min(self::MOST, Percentile::of($parts, self::SHARE)));
    }

    /** As plans allow for it: of a thousand, rounded up. */
    public static function perThousand(float $allowance): int
    {
        return (int) ceil(1000 * $allowance - 1e-9);
    }
}
