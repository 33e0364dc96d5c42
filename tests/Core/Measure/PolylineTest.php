<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Polyline;

/** Points joined by straight lines: what lies between two of them, and beyond the ends. */
#[CoversClass(Polyline::class)]
final class PolylineTest extends TestCase
{
    #[TestWith([-9.0, 2.0])]
    #[TestWith([-3.0, 2.0])]
    #[TestWith([-1.0, 3.0])]
    #[TestWith([1.0, 4.0])]
    #[TestWith([4.0, 1.0])]
    #[TestWith([7.0, -2.0])]
    #[TestWith([8.0, -2.0])]
    public function testItIsStraightBetweenItsPoints(float $x, float $y): void
    {
        self::assertEqualsWithDelta($y, $this->line()->at($x), 1e-12);
    }

    public function testItsMiddleStandsOffItsChord(): void
    {
        // Half way from -3 to 7 lies 2, one beyond the second point.
        self::assertEqualsWithDelta(3.0, $this->line()->atMiddle(), 1e-12);
        self::assertSame(0.0, $this->line()->chordAtMiddle());
        self::assertSame([5.0, 5.0], [(new Polyline([[4.0, 5.0]]))->at(4), (new Polyline([[4.0, 5.0]]))->atMiddle()]);
    }

    private function line(): Polyline
    {
        return new Polyline([[-3.0, 2.0], [1.0, 4.0], [7.0, -2.0]]);
    }
}
