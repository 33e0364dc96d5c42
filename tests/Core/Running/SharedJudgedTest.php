<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\Straightness;
use Schwung\Core\Running\StraightRule;
use Schwung\Core\Running\StraightState;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FirmnessRule;

/** The core judges a reading as the page at the frame does: both are told the cases of tests/Shared/judged.json. */
#[CoversClass(StraightRule::class)]
#[CoversClass(Straightness::class)]
#[CoversClass(FirmnessRule::class)]
final class SharedJudgedTest extends TestCase
{
    #[DataProvider('lines')]
    public function testALineIsJudgedAsThePageDoes(
        float $left,
        float $centre,
        float $right,
        string $says,
        float $by,
    ): void {
        $mm = Length::millimetres(...);
        $judged = (new StraightRule())->judge($mm($left), $mm($centre), $mm($right));
        $writer = new LengthWriter(UnitSystem::Inches, 16);

        self::assertSame(
            Phrase::of(
                Straightness::SAYS[$says],
                ...'straight' === $says ? [] : [\Schwung\Core\Measure\Figure::measured($mm($by))],
            )->writtenBy($writer),
            $judged->sentence()->writtenBy($writer),
        );
        self::assertSame(\in_array($says, ['away', 'toward'], true), StraightState::Move === $judged->state);
    }

    /** @return iterable<string, array{float, float, float, string, float}> */
    public static function lines(): iterable
    {
        foreach (self::cases()['straightness'] as $case) {
            yield $case['name'] => [$case['left'], $case['centre'], $case['right'], $case['says'], $case['by']];
        }
    }

    /**
     * @param array{int, int, int} $backing
     * @param array{int, int, int} $top
     * @param list<string>         $says
     */
    #[DataProvider('feels')]
    public function testAFeelIsJudgedAsThePageDoes(array $backing, array $top, array $says): void
    {
        $reading = new FirmnessReading(
            [Firmness::from($backing[0]), Firmness::from($backing[1]), Firmness::from($backing[2])],
            [Firmness::from($top[0]), Firmness::from($top[1]), Firmness::from($top[2])],
        );

        self::assertEquals(
            array_map(static fn(string $word): Phrase => Phrase::of(FirmnessRule::SAYS[$word]), $says),
            (new FirmnessRule())->advise($reading),
        );
    }

    /** @return iterable<string, array{array{int, int, int}, array{int, int, int}, list<string>}> */
    public static function feels(): iterable
    {
        foreach (self::cases()['firmness'] as $case) {
            yield $case['name'] => [$case['backing'], $case['top'], $case['says']];
        }
    }

    /**
     * @return array{
     *     straightness: list<array{name: string, left: float, centre: float, right: float, says: string, by: float}>,
     *     firmness: list<array{name: string, backing: array{int, int, int}, top: array{int, int, int}, says: list<string>}>
     * }
     */
    private static function cases(): array
    {
        /** @var array{straightness: list<array{name: string, left: float, centre: float, right: float, says: string, by: float}>, firmness: list<array{name: string, backing: array{int, int, int}, top: array{int, int, int}, says: list<string>}>} $cases */
        $cases = json_decode(
            (string) file_get_contents(__DIR__ . '/../../Shared/judged.json'),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );

        return $cases;
    }
}
