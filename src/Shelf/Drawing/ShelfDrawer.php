<?php

declare(strict_types=1);

namespace App\Shelf\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Shelf\ShelfItem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/**
 * Draws the batting of a shelf to one scale: pieces as rectangles, side by side as they would lie on boards, and rolls
 * as strips with what is left of them. A strip that is longer than the board is broken off, as its end says.
 */
final readonly class ShelfDrawer
{
    private const WIDE = 860;
    private const HIGH = 4000;
    private const BOARD_MM = 6600.0;
    private const GAP_MM = 140.0;
    private const LETTERS = 12;
    /** Room for the words above a thing, in millimetres of the shelf. */
    private const WORDS_MM = 230.0;

    /** @param list<ShelfItem> $items in the order of the list below */
    public function draw(array $items): Picture
    {
        $places = $this->places($items);
        $bottom = max([0.0, ...array_map(static fn(array $place): float => $place[1] + $place[3], $places)]);
        $canvas = Canvas::around(
            ['left' => 0, 'top' => 0, 'right' => self::BOARD_MM, 'bottom' => max(600.0, $bottom + self::GAP_MM)],
            self::WIDE,
            self::HIGH,
            ['left' => 4, 'top' => 4, 'right' => 4, 'bottom' => 4],
        );

        return new Picture(
            $canvas,
            'The batting on the shelf, to one scale.',
            array_merge(
                [],
                ...array_map(
                    fn(ShelfItem $item, array $place): array => $this->thing($canvas, $item, ...$place),
                    $items,
                    $places,
                ),
            ),
        );
    }

    /**
     * One board after the other, each as high as the highest on it.
     *
     * @param list<ShelfItem> $items
     *
     * @return list<array{float, float, float, float}> left, top, wide, high
     */
    private function places(array $items): array
    {
        [$x, $y, $high, $places] = [0.0, 0.0, 0.0, []];
        foreach ($items as $item) {
            [$long, $short] = $this->lies($item);
            if ($x > 0 && $x + $long > self::BOARD_MM) {
                [$x, $y, $high] = [0.0, $y + $high + self::WORDS_MM + self::GAP_MM, 0.0];
            }
            $places[] = [$x, $y + self::WORDS_MM, $long, $short];
            $x += $long + self::GAP_MM;
            $high = max($high, $short);
        }

        return $places;
    }

    /** @return array{float, float} along the board and up; the longer side lies along it */
    private function lies(ShelfItem $item): array
    {
        [$width, $length] = [$item->batting->width()->toMillimetres(), $item->batting->length()->toMillimetres()];

        return $item->batting->isRoll()
            ? [min(self::BOARD_MM, $length), $width]
            : [max($width, $length), min($width, $length)];
    }

    /** @return list<Shape> */
    private function thing(Canvas $canvas, ShelfItem $item, float $x, float $y, float $long, float $short): array
    {
        $batting = $item->batting;
        $px = $canvas->px(...);
        $isBroken = $batting->isRoll() && $batting->length()->toMillimetres() > self::BOARD_MM;
        $class = 'batting' . (null === $batting->client() ? '' : ' shelf-theirs');
        $size = Phrase::of(
            $batting->isRoll() ? '%s left, %s wide' : '%s × %s',
            Figure::measured($batting->isRoll() ? $batting->length() : $batting->width()),
            Figure::measured($batting->isRoll() ? $batting->width() : $batting->length()),
        );
        $words = $item->isPlanned ? ' planned' : ($item->serves() ? ' serves' : '');

        return [
            Shape::box($x, $y, $long, $short, $class, 'url(#dots)'),
            ...$batting->isRoll() ? [Shape::box($x - $px(3), $y, $px(8), $short, 'roll-core')] : [],
            ...$isBroken ? [$this->break($canvas, $x + $long, $y, $short)] : [],
            ...$item->serves()
                ? [Shape::box($x, $y, $long, $short, $item->isPlanned ? 'shelf-planned' : 'shelf-serves')]
                : [],
            Shape::text($x, $y - $px(self::LETTERS * 0.4), $batting->label() . $words, $px(self::LETTERS), 'strong'),
            // What is small has its size in the list below.
            ...$long > $px(110) && $short > $px(20)
                ? [Shape::text($x + $long / 2, $y + $short / 2 + $px(4), $size, $px(self::LETTERS), 'halo', 'middle')]
                : [],
        ];
    }

    /** A zigzag: it goes on beyond. */
    private function break(Canvas $canvas, float $x, float $y, float $high): Shape
    {
        $points = [];
        for ($i = 0; $i <= 8; ++$i) {
            $points[] = [$x - (0 === $i % 2 ? 0.0 : $canvas->px(8)), $y + ($high * $i) / 8];
        }

        return Shape::polyline($points, 'shelf-break');
    }
}
