<?php

declare(strict_types=1);

namespace App\Measure;

/** A day and hour as a browser's field gives it, kept with the studio's offset. */
final class MomentText
{
    private const FIELD = 'Y-m-d\TH:i';

    public static function kept(string $text, \DateTimeZone $zone): string
    {
        // PHP refuses to look at a text with a NUL in it, and nobody types one.
        $text = str_replace("\0", '', $text);
        $moment = \DateTimeImmutable::createFromFormat('!' . self::FIELD, $text, $zone);

        return false === $moment ? mb_substr($text, 0, 60) : $moment->format(\DATE_ATOM);
    }

    public static function shown(string $kept, \DateTimeZone $zone): string
    {
        $moment = \DateTimeImmutable::createFromFormat(\DATE_ATOM, str_replace("\0", '', $kept));

        return false === $moment ? $kept : $moment->setTimezone($zone)->format(self::FIELD);
    }
}
