<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/** Pieces of batting as lines of text: "45 x 93", "60 in × 96 in". */
final class PieceLines
{
    private const MOST = 20;

    /** @return list<array{Length, Length}> only the lines that can be read */
    public static function read(string $text, UnitSystem $units): array
    {
        $pieces = [];
        foreach (\array_slice(SeamLine::split($text), 0, self::MOST) as $line) {
            $sides = preg_split('/\s*[x×]\s*/iu', $line) ?: [];
            try {
                if (2 === \count($sides)) {
                    $pieces[] = [Length::parse($sides[0], $units), Length::parse($sides[1], $units)];
                }
            } catch (UnreadableLength) {
                continue;
            }
        }

        return $pieces;
    }
}
