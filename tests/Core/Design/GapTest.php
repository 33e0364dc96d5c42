<?php

declare(strict_types=1);

namespace Tests\Core\Design;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\RowRule;
use Schwung\Core\Design\GapRule;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

#[CoversClass(GapRule::class)]
final class GapTest extends TestCase
{
    /** @param list<non-empty-list<array{float, float}>> $lines */
    #[DataProvider('designs')]
    public function testTheLargestEmptyCircle(
        array $lines,
        float $height,
        float $gap,
        float $along,
        float $diameter,
    ): void {
        self::assertEqualsWithDelta(
            $diameter,
            (new GapRule())->largest(self::laid($lines, $height, $gap, $along))->toMillimetres(),
            0.02 * $diameter + 0.2,
        );
    }

    /** @return iterable<string, array{list<non-empty-list<array{float, float}>>, float, float, float, float}> rows in millimetres */
    public static function designs(): iterable
    {
        $lines = [[[0, 0], [100, 0]], [[0, 50], [100, 50]]];
        yield 'two lines a row: between them' => [$lines, 50, 10, 600, 50];
        yield 'two lines a row: between the rows' => [$lines, 50, 80, 600, 80];
        yield 'drawn twice as high' => [$lines, 100, 10, 1200, 100];
        // A zigzag of 100 by 100: the circle lies under the tip of the row before, and touches both sides of its own.
        $zigzag = [[[0, 100], [50, 0], [100, 100]]];
        yield 'teeth that stand on each other' => [$zigzag, 100, 0, 1000, 61.8];
        yield 'one row alone: beside its line' => [[[[0, 0], [100, 0], [100, 60]]], 60, 0, 50, 100];
    }

    /**
     * Against every place of a grid, each held against every piece of every line.
     *
     * @param list<non-empty-list<array{float, float}>> $lines
     */
    #[DataProvider('lopsided')]
    public function testItIsFoundWhereverItLies(array $lines, float $height, float $gap, float $along): void
    {
        $laid = self::laid($lines, $height, $gap, $along);
        $tried = self::tried($laid);

        self::assertEqualsWithDelta($tried, (new GapRule())->largest($laid)->toMillimetres(), 0.015 * $tried);
    }

    /** @return iterable<string, array{list<non-empty-list<array{float, float}>>, float, float, float}> */
    public static function lopsided(): iterable
    {
        yield 'a steep tooth and a flat one' => [[[[0, 40], [20, 0], [35, 40], [90, 15], [120, 40]]], 60, 12, 700];
        yield 'wider than high' => [[[[0, 10], [60, 0], [110, 20], [180, 4], [300, 10]]], 20, 3, 400];
        yield 'higher than wide' => [[[[0, 0], [8, 90], [22, 35], [30, 0]]], 90, 25, 900];
        yield 'two lines far to one side' => [
            [[[0, 0], [100, 6]], [[10, 22], [40, 30], [70, 18], [100, 22]]],
            90,
            20,
            800,
        ];
        yield 'it begins before its repeat' => [[[[-30, 12], [10, 0], [25, 30], [70, 12]]], 45, 9, 600];
        yield 'one row, small' => [[[[0, 8], [10, 0], [30, 8], [40, 2], [55, 8]]], 4, 0, 4];
    }

    /** The diameter, from a grid of 120 by 120 over one repeat of a row. */
    private static function tried(LaidDesign $laid): float
    {
        [$repeat, $rows] = [$laid->repeat(), $laid->rows];
        $pitch =
            $rows->count > 1
                ? $rows->start(1)->minus($rows->start(0))->toMillimetres()
                : $rows->heightOf(0)->toMillimetres();
        $pieces = [];
        foreach ($laid->path->lines as $line) {
            for ($i = 1; $i < \count($line); ++$i) {
                foreach ($rows->count > 1 ? [-1, 0, 1] : [0] as $row) {
                    foreach (range(-3, 3) as $turn) {
                        $pieces[] = [
                            $line[$i - 1]->x * $laid->scale + $turn * $repeat,
                            $line[$i - 1]->y * $laid->scale + $row * $pitch,
                            $line[$i]->x * $laid->scale + $turn * $repeat,
                            $line[$i]->y * $laid->scale + $row * $pitch,
                        ];
                    }
                }
            }
        }
        $most = 0.0;
        for ($i = 0; $i < 120; ++$i) {
            for ($k = 0; $k <= 120; ++$k) {
                [$x, $y, $least] = [($repeat * $i) / 120, ($pitch * $k) / 120, \INF];
                foreach ($pieces as [$ax, $ay, $bx, $by]) {
                    [$dx, $dy] = [$bx - $ax, $by - $ay];
                    $share = max(0.0, min(1.0, (($x - $ax) * $dx + ($y - $ay) * $dy) / ($dx ** 2 + $dy ** 2)));
                    $least = min($least, hypot($ax + $share * $dx - $x, $ay + $share * $dy - $y));
                    if ($least <= $most) {
                        break;
                    }
                }
                $most = max($most, $least);
            }
        }

        return 2 * $most;
    }

    /** @param list<non-empty-list<array{float, float}>> $lines */
    private static function laid(array $lines, float $height, float $gap, float $along): LaidDesign
    {
        $points = [];
        foreach ($lines as $line) {
            $points[] = array_map(static fn(array $point): Point => new Point($point[0], $point[1]), $line);
        }

        return new LaidDesign(
            StitchPath::of($points),
            (new RowRule())->layOut(
                new RowDesign(Length::millimetres($height), Length::millimetres($gap), Length::zero(), Finish::RunOff),
                Length::millimetres($along),
            ),
            Length::millimetres(1000),
        );
    }
}
