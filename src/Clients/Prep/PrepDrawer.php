<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Bringing\PrepCard;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;

/** Draws what to bring: top on backing as they will lie, and both folded in quarters to see whether it is enough. */
final readonly class PrepDrawer
{
    private const LETTERS = 14;
    /** What "your top" takes with a little air, in pixels. */
    private const NAME_WIDE = 66;
    private const NAME_HIGH = 24;
    private const ROOM = ['left' => 96, 'top' => 40, 'right' => 96, 'bottom' => 40];

    public function open(PrepCard $card): Picture
    {
        [$width, $height] = self::sizes($card->backingAcross->length(), $card->backingAlong->length());
        [$top, $long] = self::sizes($card->topAcross, $card->topAlong);
        $canvas = self::canvas($width, $height);
        $letters = $canvas->px(self::LETTERS);
        $middle = [$width / 2, $height / 2];
        $isNamed = self::isRoomy($canvas, $top, $long);

        return new Picture($canvas, 'The top in the middle of its backing', [
            Shape::box(0, 0, $width, $height, 'ground', 'url(#hatch)'),
            Shape::box(0, 0, $width, $height, 'outline'),
            Shape::box($middle[0] - $top / 2, $middle[1] - $long / 2, $top, $long, 'layer-top'),
            ...$isNamed ? [Shape::text($middle[0], $middle[1] + $letters / 3, 'your top', $letters, '', 'middle')] : [],
            Shape::text(
                $middle[0],
                -$canvas->px(12),
                Figure::needed($card->backingAcross->length()),
                $letters,
                '',
                'middle',
            ),
            Shape::text($width + $canvas->px(10), $middle[1], Figure::needed($card->backingAlong->length()), $letters),
            Shape::text(
                $middle[0],
                $height + $canvas->px(24),
                $isNamed ? 'backing' : 'your top on its backing',
                $letters,
                '',
                'middle',
            ),
            ...(new Pen($canvas))->span(0, -$canvas->px(6), $width, -$canvas->px(6)),
            ...(new Pen($canvas))->span($width + $canvas->px(5), 0, $width + $canvas->px(5), $height),
        ]);
    }

    /** The folds lie to the left and below, the open sides to the right and above. */
    public function folded(PrepCard $card): Picture
    {
        [$width, $height] = self::sizes($card->backingAcross->length()->half(), $card->backingAlong->length()->half());
        [$top, $long] = self::sizes($card->topAcross->half(), $card->topAlong->half());
        $canvas = self::canvas($width, $height);
        $letters = $canvas->px(self::LETTERS);
        $isNamed = self::isRoomy($canvas, $top, $long);

        return new Picture($canvas, 'Both folded in quarters, fold on fold', [
            Shape::box(0, 0, $width, $height, 'ground', 'url(#hatch)'),
            Shape::box(0, 0, $width, $height, 'outline'),
            Shape::box(0, $height - $long, $top, $long, 'layer-top'),
            Shape::line(0, 0, 0, $height, 'turn-line'),
            Shape::line(0, $height, $width, $height, 'turn-line'),
            ...$isNamed
                ? [Shape::text($top / 2, $height - $long / 2 + $letters / 3, 'your top', $letters, '', 'middle')]
                : [],
            Shape::text($width / 2, $height + $canvas->px(24), 'folds', $letters, '', 'middle'),
            ...(new Pen($canvas))->span($top, -$canvas->px(6), $width, -$canvas->px(6)),
            Shape::text(
                ($top + $width) / 2,
                -$canvas->px(16),
                Figure::needed($card->showsAcross()),
                $letters,
                '',
                'middle',
            ),
            ...(new Pen($canvas))->span($width + $canvas->px(6), 0, $width + $canvas->px(6), $height - $long),
            Shape::text(
                $width + $canvas->px(16),
                ($height - $long) / 2 + $letters / 3,
                Figure::needed($card->showsAlong()),
                $letters,
            ),
        ]);
    }

    /** Whether its name stands inside the top, clear of its edges. */
    private static function isRoomy(Canvas $canvas, float $width, float $height): bool
    {
        return $width >= $canvas->px(self::NAME_WIDE) && $height >= $canvas->px(self::NAME_HIGH);
    }

    /** @return array{float, float} */
    private static function sizes(Length $across, Length $along): array
    {
        return [$across->toMillimetres(), $along->toMillimetres()];
    }

    private static function canvas(float $width, float $height): Canvas
    {
        return Canvas::around(['left' => 0, 'top' => 0, 'right' => $width, 'bottom' => $height], 340, 300, self::ROOM);
    }
}
