<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/** Pieces of a stock as lines of text: "36 x 3", three pieces of 36 in. */
final readonly class StockLines
{
    private const MOST_LINES = 20;
    private const MOST_PIECES = 500;

    public function __construct(private UnitSystem $units) {}

    /**
     * @return list<StockPiece>
     *
     * @throws \InvalidArgumentException with a sentence for the person, if a line cannot be read
     */
    public function read(string $text): array
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), preg_split('/\R/', $text) ?: []),
                static fn(string $line): bool => '' !== $line,
            ),
        );
        if (\count($lines) > self::MOST_LINES) {
            throw new \InvalidArgumentException(\sprintf('Up to %d lines.', self::MOST_LINES));
        }

        return array_map($this->line(...), $lines);
    }

    /** @param list<StockPiece> $pieces */
    public function write(array $pieces): string
    {
        $writer = new LengthWriter($this->units);

        return implode(
            "\n",
            array_map(
                static fn(StockPiece $piece): string => $writer->write($piece->length) . ' x ' . $piece->count,
                $pieces,
            ),
        );
    }

    private function line(string $line): StockPiece
    {
        $found = 1 === preg_match('/^(.+?)\s*[x×*]\s*(-?\d{1,6})$/iu', $line, $parts);
        try {
            $length = $found ? Length::parse($parts[1], $this->units) : null;
        } catch (UnreadableLength) {
            $length = null;
        }
        $count = (int) ($parts[2] ?? 0);
        if (null === $length || !$length->isPositive() || $count < 1 || $count > self::MOST_PIECES) {
            throw new \InvalidArgumentException(
                \sprintf(
                    '"%s" cannot be read. Write a length above zero and how many, one kind a line: 36 x 3.',
                    mb_substr($line, 0, 40),
                ),
            );
        }

        return new StockPiece($length, $count);
    }
}
