<?php

declare(strict_types=1);

namespace App\Bench\Gangs;

use App\Bench\Plan\Assumed;
use App\Quilt\Sheet;
use Schwung\Core\Measure\Length;
use Schwung\Core\Queue\Gang;

/** The sheet of tops that are loaded side by side: as large as their row, on a backing that is still to be measured. */
final readonly class GangSheet
{
    /** Between two tops: to cut them apart and trim each. */
    public static function gap(): Length
    {
        return Length::inches(4);
    }

    /** @param Sheet $like the sheet of one of them, whose batting, rows and ways of loading are those of all */
    public static function of(Gang $gang, Sheet $like): Sheet
    {
        $text = static fn(Length $length): string => \sprintf('%.1F mm', $length->toMillimetres());
        [$across, $along] = [$text($gang->across()), $text($gang->along())];
        $sheet = Sheet::blank()->withAll([
            ...array_fill_keys(['top/widths/top', 'top/widths/middle', 'top/widths/bottom'], $across),
            ...array_fill_keys(['top/lengths/left', 'top/lengths/middle', 'top/lengths/right'], $along),
            'top/seams_along' => self::edges($gang),
            'batting/kind' => $like->text('batting/kind'),
            'batting/loft' => $like->text('batting/loft'),
        ]);
        $load = $like->get('load');
        $sheet = $sheet->with('load', [...\is_array($load) ? $load : [], 'direction' => 'as-is', 'lead_edge' => '']);

        return '' === $like->text('quilting/style')
            ? $sheet->withAll(Assumed::ROWS)
            : $sheet->with('quilting', $like->get('quilting'));
    }

    /** @return list<array{at: string, kind: string}> both edges of every gap, drawn like seams */
    private static function edges(Gang $gang): array
    {
        [$edges, $left] = [[], Length::zero()];
        foreach (\array_slice($gang->tops, 0, -1) as $top) {
            $left = $left->plus($top->across);
            $edges[] = $left;
            $left = $left->plus($gang->gap);
            $edges[] = $left;
        }

        return array_map(
            static fn(Length $edge): array => ['at' => \sprintf('%.1F mm', $edge->toMillimetres()), 'kind' => 'block'],
            $edges,
        );
    }
}
