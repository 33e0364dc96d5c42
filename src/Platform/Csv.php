<?php

declare(strict_types=1);

namespace App\Platform;

/**
 * A table of commas: UTF-8, a line a record (RFC 4180). What a calculator would take for a formula is told from one.
 */
final readonly class Csv
{
    /** @param list<list<string>> $rows the first is the header */
    public static function of(array $rows): string
    {
        $file = fopen('php://temp', 'w+');
        \assert(false !== $file);
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::tame(...), $row), escape: '', eol: "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** What a cell said before it was told from a formula. */
    public static function plain(string $cell): string
    {
        return 1 === preg_match("/^'[-=+@\t\r]/", $cell) ? substr($cell, 1) : $cell;
    }

    /** What a table calculator would take for a formula is told from one by a stroke. */
    private static function tame(string $text): string
    {
        return 1 === preg_match('/^[-=+@\t\r]/', $text) && 1 !== preg_match('/^[-+]?\d+$/D', $text)
            ? "'" . $text
            : $text;
    }
}
