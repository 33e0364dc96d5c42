<?php

declare(strict_types=1);

namespace App\Shelf\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Shelf\Batting\ShelfBatting;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Shelf\Rest;

/** Draws a cut to scale: the roll's end or the piece, the part that is cut out, and the lines to cut along. */
final readonly class CutDrawer
{
    private const WIDE = 560;
    private const HIGH = 460;
    /** Of a roll so much is drawn beyond the cut, in millimetres. */
    private const BEYOND_MM = 500.0;

    /**
     * @param Length|null $over of the part, along the width; null where nothing is cut
     * @param Length|null $off  of the part, along the length
     * @param list<Rest>  $rests that go back, the larger first: it says which line runs through
     */
    public function draw(ShelfBatting $batting, ?Length $over, ?Length $off, array $rests = []): Picture
    {
        [$wide, $long] = [$batting->width()->toMillimetres(), $batting->length()->toMillimetres()];
        $isRoll = $batting->isRoll();
        $shown = $isRoll ? min($long, ($off?->toMillimetres() ?? $wide) + self::BEYOND_MM) : $long;
        $canvas = Canvas::around(
            ['left' => 0, 'top' => 0, 'right' => $wide, 'bottom' => $shown],
            self::WIDE,
            self::HIGH,
            ['left' => 16, 'top' => 30, 'right' => 16, 'bottom' => 16],
        );
        $px = $canvas->px(...);
        $shapes = [Shape::box(0, 0, $wide, $shown, 'batting', 'url(#dots)')];
        if (null !== $over && null !== $off) {
            [$a, $b] = [$over->toMillimetres(), $off->toMillimetres()];
            $isThrough = $isRoll || ($rests[0]->width->nanometres ?? 0) === $batting->width()->nanometres;
            $shapes = [
                ...$shapes,
                Shape::box(0, 0, $a, $b, 'shelf-serves'),
                Shape::line(0, $b, $isThrough ? $wide : $a, $b, 'cut-line'),
                Shape::line($a, 0, $a, $isThrough ? $b : $shown, 'cut-line'),
                Shape::text(
                    $a / 2,
                    $b / 2,
                    Phrase::of('%s × %s', Figure::needed($over), Figure::needed($off)),
                    $px(15),
                    'halo strong',
                    'middle',
                ),
            ];
        }

        return new Picture($canvas, 'What is cut out, to scale; dashed are the lines to cut along.', [
            ...$shapes,
            Shape::text(
                0,
                -$px(10),
                Phrase::of(
                    $batting->isRoll() ? 'the end of the roll, %s wide, %s left' : '%s × %s',
                    Figure::measured($batting->width()),
                    Figure::measured($batting->length()),
                ),
                $px(14),
                'strong',
            ),
        ]);
    }
}
