<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/**
 * The one place where millimetres computed in floating point are compared: a nanometre, the grain of Length, is
 * nothing.
 */
final readonly class Near
{
    public const MILLIMETRES = 1e-6;

    /** Whether $needed is no more than $there, forgiving a nanometre. */
    public static function isWithin(float $needed, float $there): bool
    {
        return $needed <= $there + self::MILLIMETRES;
    }

    public static function isSame(float $one, float $other): bool
    {
        return abs($one - $other) <= self::MILLIMETRES;
    }
}
