<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

/** The pieces for holding that are at hand at a frame; what is not there has not been counted. */
final readonly class Stock
{
    /** Pieces of which nobody said for which holding system they are serve any that is held by lengths. */
    public const ANY = 'any';

    /** What a piece that is only counted is called by where a length is written: a pin, a magnet, a spring clamp. */
    private const LENGTHS_INCHES = ['pins' => 1.75, 'magnets' => 1.0, 'spring-clamps' => 2.0];

    /** @param array<string, list<StockPiece>> $pieces by the words of HoldingSystem, or ANY; longest first or not */
    public function __construct(public array $pieces = []) {}

    /** @param array<string, int|null> $counts by the words of HoldingSystem, of pieces that are only counted */
    public function withCounts(array $counts): self
    {
        $pieces = $this->pieces;
        foreach ($counts as $system => $count) {
            if (null !== $count && $count > 0) {
                $pieces[$system] = [new StockPiece(Length::inches(self::LENGTHS_INCHES[$system] ?? 1), $count)];
            }
        }

        return new self($pieces);
    }

    /** @return list<StockPiece> empty where nobody counted */
    public function of(HoldingSystem $system): array
    {
        $isCounted = isset(self::LENGTHS_INCHES[$system->value]);

        return $this->pieces[$system->value] ?? ($isCounted ? [] : $this->pieces[self::ANY] ?? []);
    }

    /** Of pieces that are only counted; null where nobody did. */
    public function count(HoldingSystem $system): ?int
    {
        $pieces = $this->pieces[$system->value] ?? [];

        return [] === $pieces
            ? null
            : array_sum(array_map(static fn(StockPiece $piece): int => $piece->count, $pieces));
    }

    /**
     * What is left once others have taken their pieces; kinds of which none is left stay with a count of zero.
     *
     * @param list<StockPiece> $left of one system
     */
    public function leaving(HoldingSystem $system, array $left): self
    {
        $key = isset($this->pieces[$system->value]) ? $system->value : self::ANY;

        return new self([...$this->pieces, $key => $left]);
    }

    public function isEmpty(): bool
    {
        return [] === $this->pieces;
    }
}
