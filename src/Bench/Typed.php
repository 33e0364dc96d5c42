<?php

declare(strict_types=1);

namespace App\Bench;

/** Reads days and hours as fields of a page send them, whatever is sent; told in UTC as the wall shows them. */
final readonly class Typed
{
    /** "2027-03-05" */
    public static function day(string $text): ?\DateTimeImmutable
    {
        return self::read($text, 'Y-m-d');
    }

    /** "2027-03-05T09:00" */
    public static function moment(string $text): ?\DateTimeImmutable
    {
        return self::read($text, 'Y-m-d\TH:i');
    }

    private static function read(string $text, string $format): ?\DateTimeImmutable
    {
        $text = trim($text, ' ');
        $moment = str_contains($text, "\0")
            ? false
            : \DateTimeImmutable::createFromFormat("!$format", $text, new \DateTimeZone('UTC'));

        return false !== $moment && $moment->format($format) === $text && (int) $moment->format('Y') < 2200
            ? $moment
            : null;
    }
}
