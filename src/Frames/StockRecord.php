<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** A stock as it is stored: pairs of nanometres and count, by holding system. */
final class StockRecord
{
    /** What an earlier version called its lists and its counts. */
    private const EARLIER = [
        'clips' => HoldingSystem::ChannelClips,
        'clamps' => HoldingSystem::DowelClamps,
        'zips' => HoldingSystem::Zip,
        'pins' => HoldingSystem::Pins,
        'magnets' => HoldingSystem::Magnets,
        'springClamps' => HoldingSystem::SpringClamps,
    ];

    /** @return array<string, list<array{int, int}>> */
    public static function toArray(Stock $stock): array
    {
        return array_map(
            static fn(array $pieces): array => array_map(
                static fn(StockPiece $piece): array => [$piece->length->nanometres, $piece->count],
                $pieces,
            ),
            $stock->pieces,
        );
    }

    /** @param array<string, mixed> $record */
    public static function fromArray(array $record): Stock
    {
        [$pieces, $counts] = [[], []];
        foreach ($record as $name => $value) {
            $system = self::EARLIER[$name] ?? HoldingSystem::tryFrom($name);
            if (null !== $system && \is_int($value)) {
                $counts[$system->value] = $value;
            } elseif (null !== $system && [] !== ($read = self::pieces($value))) {
                $pieces[$system->value] = $read;
            }
        }

        return (new Stock($pieces))->withCounts($counts);
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
}
