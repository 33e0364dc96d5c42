<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/** The value below which a share of others lies, interpolated between its neighbours in order. */
final class Percentile
{
    /** @param non-empty-list<float> $values in any order */
    public static function of(array $values, float $share): float
    {
        sort($values);
        $place = $share * (\count($values) - 1);
        $below = (int) floor($place);

        return $values[$below] + ($place - $below) * (($values[$below + 1] ?? $values[$below]) - $values[$below]);
    }

    /** @param non-empty-list<float> $values */
    public static function median(array $values): float
    {
        return self::of($values, 0.5);
    }
}
