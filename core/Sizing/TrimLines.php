<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

/**
 * Rule 4, report: what to trim off each side of a crooked backing to square it up.
 *
 * For each side as measured, how far its two ends (left or top end first) reach beyond the squared-up rectangle.
 */
final readonly class TrimLines
{
    /** @return array<'top'|'right'|'bottom'|'left', array{Length, Length}> in the backing's own position */
    public function beyond(UsableBacking $cloth): array
    {
        $upright = $cloth->loaded(Direction::AsIs);
        $fit = $upright->squaredUp();
        [$width, $length] = [$fit->across->toMillimetres(), $fit->along->toMillimetres()];
        $centre = (new CentreFinder())->centre($cloth->outline, $width, $length, $fit->turn);
        [$tl, $tr, $br, $bl] = array_map(
            static fn(Point $corner): Point => new Point(
                ($corner->x - $centre->x) * cos($fit->turn) + ($corner->y - $centre->y) * sin($fit->turn),
                -($corner->x - $centre->x) * sin($fit->turn) + ($corner->y - $centre->y) * cos($fit->turn),
            ),
            $cloth->outline->corners(),
        );
        $mm = static fn(float $one, float $other): array => [Length::millimetres($one), Length::millimetres($other)];

        return [
            'top' => $mm(-$length / 2 - $tl->y, -$length / 2 - $tr->y),
            'right' => $mm($tr->x - $width / 2, $br->x - $width / 2),
            'bottom' => $mm($bl->y - $length / 2, $br->y - $length / 2),
            'left' => $mm(-$width / 2 - $tl->x, -$width / 2 - $bl->x),
        ];
    }
}
