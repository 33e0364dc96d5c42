<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\LengthReader;
use Schwung\Core\Measure\UnitSystem;

/** Each way in which a length is written, to the nanometre. */
#[CoversClass(LengthReader::class)]
final class LengthReaderTest extends TestCase
{
    private const INCH = 25_400_000;

    #[DataProvider('lengths')]
    public function testItIsReadToTheNanometre(string $text, int $nanometres): void
    {
        self::assertSame($nanometres, (new LengthReader())->read($text)->nanometres);
    }

    /** @return iterable<string, array{string, int}> */
    public static function lengths(): iterable
    {
        foreach (['in', 'inch', 'inches', 'ins', '"', '″', '”', 'IN', 'in.'] as $unit) {
            yield "inches: $unit" => ["3 $unit", 3 * self::INCH];
        }
        foreach (['ft', 'foot', 'feet', "'", '′', '’'] as $unit) {
            yield "feet: $unit" => ["2$unit", 24 * self::INCH];
        }
        foreach (['yd', 'yard', 'yards', 'yds'] as $unit) {
            yield "yards: $unit" => ["2 $unit", 72 * self::INCH];
        }
        foreach (['m' => 1_000_000_000, 'cm' => 10_000_000, 'mm' => 1_000_000] as $unit => $size) {
            yield "metric: $unit" => ["3 $unit", 3 * $size];
        }
        foreach (
            ['½' => 12, '¼' => 6, '¾' => 18, '⅛' => 3, '⅜' => 9, '⅝' => 15, '⅞' => 21, '⅓' => 8, '⅔' => 16]
            as $sign => $of24
        ) {
            yield "a fraction: $sign" => ["5 $sign in", 5 * self::INCH + intdiv(self::INCH * $of24 + 12, 24)];
        }
        yield 'decimals' => ['12.25 in', 12 * self::INCH + self::INCH / 4];
        yield 'a comma' => ['1,05 m', 1_050_000_000];
        yield 'a fraction alone' => ['3/8 in', 9_525_000];
        yield 'whole and fraction' => ['62 3/8 in', 62 * self::INCH + 9_525_000];
        yield 'with a hyphen' => ['62-3/8 in', 62 * self::INCH + 9_525_000];
        yield 'the stroke of fractions' => ['62 3⁄8 in', 62 * self::INCH + 9_525_000];
        yield 'feet and inches' => ['5\' 2"', 62 * self::INCH];
        yield 'yards, feet and inches' => ['1 yd 1 ft 1 1/2 in', 49 * self::INCH + self::INCH / 2];
        yield 'below nothing' => ['-2 in', -2 * self::INCH];
        yield 'a true minus' => ['− 2 in', -2 * self::INCH];
        yield 'a plus' => ['+2 in', 2 * self::INCH];
        yield 'no-break spaces' => ["62\u{a0}3/8\u{202f}in", 62 * self::INCH + 9_525_000];
    }

    #[TestWith(['12', UnitSystem::Inches, 12 * self::INCH])]
    #[TestWith(['12', UnitSystem::Centimetres, 120_000_000])]
    #[TestWith(['5\' 2', null, 62 * self::INCH])]
    public function testABareNumberIsOfThePagesUnitsOrOfTheNextSmaller(
        string $text,
        ?UnitSystem $bare,
        int $nanometres,
    ): void {
        self::assertSame($nanometres, (new LengthReader())->read($text, $bare)->nanometres);
    }

    #[TestWith([''])]
    #[TestWith(['   '])]
    #[TestWith(['in'])]
    #[TestWith(['12'])]
    #[TestWith(['--2 in'])]
    #[TestWith(['3/0 in'])]
    #[TestWith(['3 8/8 in'])]
    #[TestWith(['2 in 3 ft'])]
    #[TestWith(['2 in 3 in'])]
    #[TestWith(['1 m 20 cm'])]
    #[TestWith(['123456 in'])]
    #[TestWith(['12 parsecs'])]
    #[TestWith(['12 in or so'])]
    public function testWhatIsNoLengthIsRefused(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        (new LengthReader())->read($text);
    }
}
