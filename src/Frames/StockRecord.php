<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** A stock as it is stored: pieces as pairs of nanometres and count, the rest as counts. */
final class StockRecord
{
    /** @return array<string, mixed> */
    public static function toArray(Stock $stock): array
    {
        return [
            'clips' => self::pairs($stock->clips), 'clamps' => self::pairs($stock->clamps), 'zips' => self::pairs($stock->zips),
            'pins' => $stock->pins, 'magnets' => $stock->magnets, 'springClamps' => $stock->springClamps,
        ];
    }

    /**
     * @param list<StockPiece> $pieces
     *
     * @return list<array{int, int}>
     */
    private static function pairs(array $pieces): array
    {
        return array_map(static fn (StockPiece $piece): array => [$piece->length->nanometres, $piece->count], $pieces);
    }

    /** @param array<string, mixed> $record */
    public static function fromArray(array $record): Stock
    {
        return new Stock(
            self::pieces($record['clips'] ?? []), self::pieces($record['clamps'] ?? []), self::pieces($record['zips'] ?? []),
            self::count($record['pins'] ?? null), self::count($record['magnets'] ?? null), self::count($record['springClamps'] ?? null),
        );
    }

    /** @return list<StockPiece> */
    private static function pieces(mixed $pairs): array
    {
        $pieces = [];
        foreach (\is_array($pairs) ? $pairs : [] as $pair) {
            if (\is_array($pair) && \is_int($pair[0] ?? null) && \is_int($pair[1] ?? null)) {
                $pieces[] = new StockPiece(Length::ofNanometres($pair[0]), $pair[1]);
            }
        }

        return $pieces;
    }

    private static function count(mixed $count): ?int
    {
        return \is_int($count) ? $count : null;
    }
}
