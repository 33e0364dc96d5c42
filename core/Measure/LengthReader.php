<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

use Schwung\Core\Measure\Exception\UnreadableLength;

/**
 * Reads a written length in either unit system, exactly.
 *
 * A number is whole (66), decimal with point or comma (66.5, 1,68), a fraction (1/2, ½) or mixed (66 1/2, 66-1/2, 66½).
 * Several terms go from large to small units ("2 yd 18 in", "5 ft 6"); metric units stand alone.
 */
final readonly class LengthReader
{
    private const LONGEST_TEXT = 60;

    private const GLYPHS = [
        '½' => ' 1/2',
        '¼' => ' 1/4',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        '⅓' => ' 1/3',
        '⅔' => ' 2/3',
        '⁄' => '/',
        '−' => '-',
        '″' => '"',
        '”' => '"',
        '′' => "'",
        '’' => "'",
        "\u{a0}" => ' ',
        "\u{202f}" => ' ',
    ];

    private const UNITS = [
        'yd' => 914_400_000,
        'yard' => 914_400_000,
        'yards' => 914_400_000,
        'yds' => 914_400_000,
        'ft' => 304_800_000,
        'foot' => 304_800_000,
        'feet' => 304_800_000,
        "'" => 304_800_000,
        'in' => 25_400_000,
        'inch' => 25_400_000,
        'inches' => 25_400_000,
        'ins' => 25_400_000,
        '"' => 25_400_000,
        'm' => 1_000_000_000,
        'cm' => 10_000_000,
        'mm' => 1_000_000,
    ];

    private const METRIC = ['m', 'cm', 'mm'];

    // Five whole digits and nine decimals keep every product below the largest whole number.
    private const NUMBER =
        '(?<whole>\d{1,5})(?:\s+|-)(?<n>\d{1,4})\/(?<d>\d{1,4})' .
        '|(?<n2>\d{1,4})\/(?<d2>\d{1,4})' .
        '|(?<dec>\d{1,5})(?:[.,](?<frac>\d{1,9}))?';
    private const TERM = '/\G\s*(?:' . self::NUMBER . ')\s*(?<unit>[a-z]+|["\'])?\.?/u';

    public function __construct(private OwnUnits $own = new OwnUnits()) {}

    /**
     * @param UnitSystem|null $bare the unit of a number without one; null refuses such a number
     *
     * @throws UnreadableLength if the text is no length
     */
    public function read(string $text, ?UnitSystem $bare = null): Length
    {
        $written = mb_strtolower(trim(strtr(mb_scrub($text, 'UTF-8'), self::GLYPHS)));
        if ('' === $written) {
            throw UnreadableLength::empty();
        }
        $sign = str_starts_with($written, '-') || str_starts_with($written, '+') ? $written[0] : '';
        $terms = $this->terms(ltrim(substr($written, \strlen($sign))), $text);
        $nanometres = array_sum(
            array_map(static fn(array $term): int => $term['nanometres'], $this->sized($terms, $text, $bare)),
        );

        return Length::ofNanometres('-' === $sign ? -$nanometres : $nanometres);
    }

    /** @return non-empty-list<array{numerator: int, denominator: int, unit: string}> */
    private function terms(string $written, string $text): array
    {
        $terms = [];
        $at = 0;
        while ($at < \strlen($written)) {
            if (\strlen($written) > self::LONGEST_TEXT || 1 !== preg_match(self::TERM, $written, $found, 0, $at)) {
                throw UnreadableLength::text($text);
            }
            $at += \strlen($found[0]);
            $terms[] = [...$this->number($found, $text), 'unit' => $found['unit'] ?? ''];
        }
        if ([] === $terms) {
            throw UnreadableLength::text($text);
        }

        return $terms;
    }

    /**
     * @param array<int|string, string> $found
     *
     * @return array{numerator: int, denominator: int}
     */
    private function number(array $found, string $text): array
    {
        if ('' !== ($found['dec'] ?? '')) {
            $decimals = $found['frac'] ?? '';
            $denominator = (int) (10 ** \strlen($decimals));

            return ['numerator' => (int) $found['dec'] * $denominator + (int) $decimals, 'denominator' => $denominator];
        }
        [$whole, $numerator, $denominator] =
            '' !== ($found['whole'] ?? '')
                ? [(int) $found['whole'], (int) $found['n'], (int) $found['d']]
                : [0, (int) $found['n2'], (int) $found['d2']];
        if (0 === $denominator || ($whole > 0 && $numerator >= $denominator)) {
            throw UnreadableLength::text($text);
        }

        return ['numerator' => $whole * $denominator + $numerator, 'denominator' => $denominator];
    }

    /**
     * @param non-empty-list<array{numerator: int, denominator: int, unit: string}> $terms
     *
     * @return non-empty-list<array{nanometres: int, unit: int}>
     */
    private function sized(array $terms, string $text, ?UnitSystem $bare): array
    {
        $sized = [];
        foreach ($terms as $i => $term) {
            $word = $term['unit'] ?: $this->impliedUnit($i > 0 ? $terms[$i - 1]['unit'] : null, $text, $bare);
            $unit = self::UNITS[$word] ?? ($this->own->sizeOf($word) ?? throw UnreadableLength::text($text));
            $before = $sized[$i - 1]['unit'] ?? \PHP_INT_MAX;
            $isMixedMetric = \count($terms) > 1 && \in_array($word, self::METRIC, true);
            if ($unit >= $before || $isMixedMetric) {
                throw UnreadableLength::text($text);
            }
            $sized[] = [
                'nanometres' => $this->product($term['numerator'], $unit, $term['denominator']),
                'unit' => $unit,
            ];
        }

        return $sized;
    }

    private function impliedUnit(?string $before, string $text, ?UnitSystem $bare): string
    {
        if (null === $before) {
            return null === $bare ? throw UnreadableLength::withoutUnit($text) : $bare->value;
        }

        return (self::UNITS[$before] ?? 0) === self::UNITS['ft'] ? 'in' : throw UnreadableLength::text($text);
    }

    /** The nearest whole of numerator × unit / denominator, without leaving whole numbers. */
    private function product(int $numerator, int $unit, int $denominator): int
    {
        $whole = intdiv($numerator, $denominator) * $unit;
        $rest = ($numerator % $denominator) * $unit;

        return $whole + intdiv(2 * $rest + $denominator, 2 * $denominator);
    }
}
