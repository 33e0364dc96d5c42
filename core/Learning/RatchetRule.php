<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/**
 * How many clicks a turn really has: those counted over the turns that an encoder saw, by least squares through the
 * origin. A ratchet has whole teeth; an advance is miscounted by a click at the most.
 */
final readonly class RatchetRule
{
    public const FEWEST = 3;

    /**
     * @param list<array{float, float}> $advances turns and clicks of each
     *
     * @return array{float, int}|null clicks a turn, and the nearest whole number of teeth; null while there are too few
     */
    public function teeth(array $advances): ?array
    {
        [$tt, $tc] = [0.0, 0.0];
        foreach ($advances as [$turns, $clicks]) {
            $tt += $turns ** 2;
            $tc += $turns * $clicks;
        }

        return \count($advances) < self::FEWEST || $tt <= 0.0 ? null : [$tc / $tt, (int) round($tc / $tt)];
    }
}
