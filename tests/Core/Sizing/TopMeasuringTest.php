<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\EdgeFullness;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\Squareness;
use Schwung\Core\Sizing\TopMeasuring;

#[CoversClass(TopMeasuring::class)]
#[CoversClass(MeasuredTop::class)]
#[CoversClass(EdgeFullness::class)]
final class TopMeasuringTest extends TestCase
{
    public function testTheLargestWidthAndLengthAreToBeCovered(): void
    {
        $measured = $this->measure([68, 67.75, 68.125], [87, 86.5, 87.25]);
        self::assertSame(68.125, $measured->width->length()->toInches());
        self::assertSame(87.25, $measured->length->length()->toInches());
        self::assertCount(3, $measured->width->terms);
    }

    #[DataProvider('edges')]
    public function testFullnessIsJudgedExactlyAtItsLimits(float $edge, EdgeVerdict $verdict): void
    {
        self::assertSame($verdict, EdgeFullness::between(Length::inches($edge), Length::inches(100))->verdict());
    }

    /** @return iterable<string, array{float, EdgeVerdict}> */
    public static function edges(): iterable
    {
        yield 'as the middle' => [100, EdgeVerdict::Flat];
        yield 'half a per cent' => [100.5, EdgeVerdict::Flat];
        yield 'just over half' => [100.51, EdgeVerdict::WorkIn];
        yield 'two per cent' => [102, EdgeVerdict::WorkIn];
        yield 'just over two' => [102.01, EdgeVerdict::TooFull];
        yield 'half a per cent short' => [99.5, EdgeVerdict::Flat];
        yield 'just more short' => [99.49, EdgeVerdict::WorkInBody];
        yield 'two per cent short' => [98, EdgeVerdict::WorkInBody];
        yield 'more than two short' => [97.9, EdgeVerdict::TooTight];
    }

    public function testTwoEdgesOffTheSameWayMakeTheMiddleDoubtful(): void
    {
        self::assertTrue($this->measure([101.2, 100, 101.1], [90, 90, 90])->isMiddleDoubtful());
        self::assertFalse($this->measure([101.2, 100, 98.8], [90, 90, 90])->isMiddleDoubtful());
        self::assertFalse($this->measure([101.2, 100, 100.9], [90, 90, 90])->isMiddleDoubtful());
        self::assertTrue($this->measure([60, 60, 60], [88, 90, 88.5])->isMiddleDoubtful());
    }

    /** @param array{float, float}|null $diagonals */
    #[DataProvider('diagonals')]
    public function testDiagonalsTellWhetherTheTopIsSquare(?array $diagonals, Squareness $square): void
    {
        self::assertSame($square, $this->measure([60, 60, 60], [80, 80, 80], $diagonals)->square);
    }

    /** @return iterable<string, array{array{float, float}|null, Squareness}> */
    public static function diagonals(): iterable
    {
        yield 'none' => [null, Squareness::Unknown];
        yield 'equal' => [[100, 100], Squareness::Square];
        yield 'half a per cent' => [[100.25, 99.75], Squareness::Square];
        yield 'one per cent' => [[100.5, 99.5], Squareness::Off];
        yield 'one and a half' => [[100.75, 99.25], Squareness::Off];
        yield 'more' => [[100.8, 99.2], Squareness::Out];
    }

    /**
     * @param array{float, float, float} $widths
     * @param array{float, float, float} $lengths
     * @param array{float, float}|null   $diagonals
     */
    private function measure(array $widths, array $lengths, ?array $diagonals = null): MeasuredTop
    {
        $in = Length::inches(...);

        $sides = array_map($in, [...$widths, ...$lengths]);
        $both = null === $diagonals ? null : [$in($diagonals[0]), $in($diagonals[1])];

        return (new TopMeasuring())->measure(
            new Top($sides[0], $sides[1], $sides[2], $sides[3], $sides[4], $sides[5], $both),
        );
    }
}
