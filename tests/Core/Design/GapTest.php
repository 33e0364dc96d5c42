<?php

declare(strict_types=1);

namespace Tests\Core\Design;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\RowLayout;
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
        $points = [];
        foreach ($lines as $line) {
            $points[] = array_map(static fn(array $point): Point => new Point($point[0], $point[1]), $line);
        }
        $path = StitchPath::of($points);
        $laid = new LaidDesign($path, self::rows($height, $gap, $along), Length::millimetres(1000));

        self::assertEqualsWithDelta(
            $diameter,
            (new GapRule())->largest($laid)->toMillimetres(),
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

    private static function rows(float $height, float $gap, float $along): RowLayout
    {
        return (new RowRule())->layOut(
            new RowDesign(Length::millimetres($height), Length::millimetres($gap), Length::zero(), Finish::RunOff),
            Length::millimetres($along),
        );
    }
}
