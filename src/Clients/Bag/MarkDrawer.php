<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Material\MarkedCloth;
use Schwung\Core\Material\Top;

/** Draws a top as it is made, with what was noted of it at its place, numbered as in the list. */
final readonly class MarkDrawer
{
    private const RADIUS = 12;
    private const LETTERS = 14;

    /** @param list<SheetMark> $marks */
    public function draw(Top $top, array $marks): Picture
    {
        [$width, $height] = [$top->width()->toMillimetres(), $top->length()->toMillimetres()];
        $canvas = Canvas::around(['left' => 0, 'top' => 0, 'right' => $width, 'bottom' => $height], 560, 420, [
            'left' => 20,
            'top' => 34,
            'right' => 20,
            'bottom' => 14,
        ]);
        $letters = $canvas->px(self::LETTERS);
        $shapes = [
            Shape::box(0, 0, $width, $height, 'layer-top')->named('marked-top'),
            Shape::text($width / 2, -$canvas->px(12), 'top edge', $letters, '', 'middle'),
        ];
        foreach ($top->seamsAcross as $seam) {
            $at = $seam->at->toMillimetres();
            $shapes[] = Shape::line(0, $at, $width, $at, 'seam');
        }
        foreach ($top->seamsAlong as $seam) {
            $at = $seam->at->toMillimetres();
            $shapes[] = Shape::line($at, 0, $at, $height, 'seam');
        }
        foreach ($marks as $i => $mark) {
            [$x, $y] = [$mark->mark->across->toMillimetres(), $mark->mark->along->toMillimetres()];
            $class = MarkedCloth::Backing === $mark->mark->cloth ? 'mark mark-below' : 'mark';
            $shapes[] = Shape::circle($x, $y, $canvas->px(self::RADIUS), $class);
            $shapes[] = Shape::text($x, $y + $letters / 3, (string) ($i + 1), $letters, 'mark-number', 'middle');
        }

        return new Picture($canvas, 'The top as it is made, with ' . self::count(\count($marks)), $shapes);
    }

    private static function count(int $marks): string
    {
        return match ($marks) {
            0 => 'no place marked',
            1 => 'one place marked',
            default => "$marks places marked",
        };
    }
}
