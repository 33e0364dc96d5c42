<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** The one place where floating point numbers of the drawing plane (millimetres, unit vectors) are compared. */
final class Tolerance
{
    public const NEAR = 1e-9;

    public static function isZero(float $value): bool
    {
        return abs($value) <= self::NEAR;
    }

    public static function isAtLeast(float $value, float $bound): bool
    {
        return $value >= $bound - self::NEAR * max(1.0, abs($bound));
    }
}
