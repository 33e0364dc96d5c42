<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthReader;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\OwnUnits;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\UnitSystem;

#[CoversClass(Length::class)]
#[CoversClass(LengthReader::class)]
#[CoversClass(LengthWriter::class)]
#[CoversClass(OwnUnits::class)]
final class LengthTest extends TestCase
{
    #[DataProvider('readable')]
    public function testWhatPeopleWriteIsReadExactly(string $text, int $nanometres): void
    {
        self::assertSame($nanometres, Length::parse($text, UnitSystem::Inches)->nanometres);
    }

    public function testItsExactTextIsReadAsTheSameLength(): void
    {
        foreach ([0, 1, -1, 10_000_000, 1_689_100_000, 2_286_000_001, -25_400_007] as $nanometres) {
            self::assertSame($nanometres, Length::parse(Length::ofNanometres($nanometres)->exactText())->nanometres);
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function readable(): iterable
    {
        yield 'whole' => ['66', 1_676_400_000];
        yield 'mixed' => ['66 1/2', 1_689_100_000];
        yield 'glyph' => ['66½', 1_689_100_000];
        yield 'glyph after a space' => ['66 ½ in', 1_689_100_000];
        yield 'decimal' => ['66.5 in', 1_689_100_000];
        yield 'inch mark' => ['66 1/2"', 1_689_100_000];
        yield 'feet and bare inches' => ['5 ft 6', 1_676_400_000];
        yield 'foot mark' => ["5' 6\"", 1_676_400_000];
        yield 'yards and inches' => ['2 yd 18 in', 2_286_000_000];
        yield 'centimetres' => ['167.6 cm', 1_676_000_000];
        yield 'decimal comma' => ['199,4 cm', 1_994_000_000];
        yield 'millimetres' => ['1676 mm', 1_676_000_000];
        yield 'metres' => ['1.68 m', 1_680_000_000];
        yield 'metres with a comma' => ['1,68 m', 1_680_000_000];
        yield 'fraction alone' => ['3/4 in', 19_050_000];
        yield 'sixty-fourth' => ['1/64 in', 396_875];
        yield 'minus' => ['-1/4 in', -6_350_000];
        yield 'minus sign' => ['−2 cm', -20_000_000];
        yield 'capitals' => ['66 IN', 1_676_400_000];
        yield 'third, to the nearest nanometre' => ['1/3 in', 8_466_667];
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNoLengthIsQuotedBack(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessage(\sprintf('"%s" is not a length. Write it like 66 1/2 in or 169 cm.', $text));
        Length::parse($text, UnitSystem::Inches);
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        foreach (
            [
                'abc',
                '6 6',
                '1/0',
                '66 3/2',
                '5 cm 3 mm',
                '18 in 2 ft',
                '2 yd 18',
                '1.2.3',
                '999999',
                '1e5',
                '5 miles',
                '--4',
                '66 1/2 1/2',
            ]
            as $text
        ) {
            yield $text => [$text];
        }
    }

    public function testABareNumberNeedsAUnitInADocument(): void
    {
        $this->expectExceptionMessage('"66 1/2" has no unit.');
        Length::parse('66 1/2');
    }

    public function testALongTextIsCutInTheMessage(): void
    {
        $this->expectExceptionMessage('"' . str_repeat('x', 40) . '…" is not a length.');
        Length::parse(str_repeat('x', 500));
    }

    #[DataProvider('written')]
    public function testLengthsAreWrittenInEighthsOrMillimetres(
        string $from,
        UnitSystem $units,
        Rounding $rounding,
        string $text,
    ): void {
        self::assertSame($text, (new LengthWriter($units))->write(Length::parse($from), $rounding));
    }

    /** @return iterable<string, array{string, UnitSystem, Rounding, string}> */
    public static function written(): iterable
    {
        yield 'half' => ['66.5 in', UnitSystem::Inches, Rounding::Nearest, '66 ½ in'];
        yield 'seven eighths' => ['7/8 in', UnitSystem::Inches, Rounding::Nearest, '⅞ in'];
        yield 'zero' => ['0 in', UnitSystem::Inches, Rounding::Nearest, '0 in'];
        yield 'a need goes up' => ['75.745 in', UnitSystem::Inches, Rounding::Up, '75 ¾ in'];
        yield 'a need goes up by a hair' => ['74.8751 in', UnitSystem::Inches, Rounding::Up, '75 in'];
        yield 'what is left goes down' => ['1.99 in', UnitSystem::Inches, Rounding::Down, '1 ⅞ in'];
        yield 'a shortage goes down too' => ['-1.3 in', UnitSystem::Inches, Rounding::Down, '−1 ⅜ in'];
        yield 'whole centimetres' => ['169 cm', UnitSystem::Centimetres, Rounding::Nearest, '169 cm'];
        yield 'millimetres' => ['66.5 in', UnitSystem::Centimetres, Rounding::Nearest, '168.9 cm'];
        yield 'a carry into the next inch' => ['65.99 in', UnitSystem::Inches, Rounding::Nearest, '66 in'];
    }

    public function testWhatIsWrittenReadsBackWithinHalfAStep(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 500; ++$i) {
            $length = Length::ofNanometres(mt_rand(0, 7_620_000_000));
            foreach (UnitSystem::cases() as $units) {
                $back = Length::parse((new LengthWriter($units))->write($length));
                self::assertLessThanOrEqual($units->step()->nanometres / 2, abs($back->minus($length)->nanometres));
            }
        }
    }

    public function testHowFarItIsWhicheverWay(): void
    {
        self::assertSame(3, Length::ofNanometres(-3)->absolute()->nanometres);
        self::assertSame(3, Length::ofNanometres(3)->absolute()->nanometres);
        self::assertSame(0, Length::zero()->absolute()->nanometres);
    }

    public function testRoundingKeepsExactMultiples(): void
    {
        $eighth = Length::inches(0.125);
        foreach ([Rounding::Up, Rounding::Nearest, Rounding::Down] as $rounding) {
            self::assertSame(
                0,
                Length::inches(-66.125)
                    ->roundedTo($eighth, $rounding)
                    ->compareTo(Length::inches(-66.125)),
            );
        }
    }

    public function testWhatTheHandMeasuresIsTheirs(): void
    {
        $own = new OwnUnits(['hand' => Length::inches(3.5), 'finger' => Length::inches(0.75)]);
        $reader = new LengthReader($own);

        self::assertEquals(Length::inches(10.5), $reader->read('3 hands'));
        self::assertEquals(Length::inches(4.25), $reader->read('1 hand 1 finger', UnitSystem::Centimetres));
        self::assertEquals(Length::inches(1.75), $reader->read('1/2 hand'));
        $this->expectException(UnreadableLength::class);
        $reader->read('3 ticks');
    }

    #[TestWith(['71-1/2', 71.5])]
    #[TestWith(['2 yds', 72])]
    #[TestWith(['2 yds 3-1/8 in', 75.125])]
    #[TestWith(['12 ins', 12])]
    public function testIsReadAsItIsWrittenOnPaper(string $text, float $inches): void
    {
        self::assertEquals(Length::inches($inches), Length::parse($text, UnitSystem::Inches));
    }
}
