<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** A moment as devices count it: milliseconds since 1970. */
final class MomentMs
{
    /** The last millisecond of the year 9999. */
    private const LAST = 253_402_300_799_999;

    public static function toMoment(int $milliseconds): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@' . intdiv($milliseconds, 1000)))->modify(
            \sprintf('+%d milliseconds', $milliseconds % 1000),
        );
    }

    /** What no clock shows is taken for its nearest end: the years 1970 to 9999. */
    public static function plausible(int $milliseconds): int
    {
        return max(0, min(self::LAST, $milliseconds));
    }

    public static function of(\DateTimeImmutable $moment): int
    {
        return (int) $moment->format('Uv');
    }
}
