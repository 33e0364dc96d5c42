<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Measure\LengthWriter;

/** A seam as one line of text: "18 1/2 in block", "6 border", "across 42 in open". */
final class SeamLine
{
    private const MOST = 80;

    /** @return list<string> */
    public static function split(string $text): array
    {
        // A comma parts seams only when a space follows; otherwise it is a decimal comma.
        $lines = preg_split('/\R|;|,\s/', $text) ?: [];

        return \array_slice(
            array_values(array_filter(array_map(trim(...), $lines), static fn(string $line): bool => '' !== $line)),
            0,
            self::MOST,
        );
    }

    /** @return array{at: string, kind: string} */
    public static function top(string $line, LengthWriter $writer): array
    {
        preg_match('/^(.*?)\s*(border|block)?$/iu', $line, $found);

        return [
            'at' => EntryText::withUnit($found[1] ?? $line, $writer),
            'kind' => strtolower($found[2] ?? '') ?: 'block',
        ];
    }

    /** @return array{direction: string, at: string, pressed: string} */
    public static function backing(string $line, LengthWriter $writer): array
    {
        preg_match('/^(?:(across|along)\s+)?(.*?)\s*(open|side)?$/iu', $line, $found);

        return [
            'direction' => strtolower($found[1] ?? '') ?: 'along',
            'at' => EntryText::withUnit($found[2] ?? $line, $writer),
            'pressed' => strtolower($found[3] ?? '') ?: 'open',
        ];
    }

    /** @param array<mixed> $seam */
    public static function shown(array $seam, LengthWriter $writer): string
    {
        $word = static fn(string $key): string => \is_string($seam[$key] ?? null) ? $seam[$key] : '';

        return trim(
            implode(' ', [
                $word('direction'),
                EntryText::inUnits($word('at'), $writer),
                $word('kind'),
                $word('pressed'),
            ]),
        );
    }
}
