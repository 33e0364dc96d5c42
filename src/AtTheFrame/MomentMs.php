<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** A moment as devices count it: milliseconds since 1970. */
final class MomentMs
{
    public static function toMoment(int $milliseconds): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@' . intdiv($milliseconds, 1000)))->modify(
            \sprintf('+%d milliseconds', $milliseconds % 1000),
        );
    }

    public static function of(\DateTimeImmutable $moment): int
    {
        return (int) $moment->format('Uv');
    }
}
