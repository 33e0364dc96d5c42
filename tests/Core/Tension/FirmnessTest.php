<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\FirmnessRule;

#[CoversClass(FirmnessRule::class)]
#[CoversClass(FirmnessReading::class)]
#[CoversClass(Firmness::class)]
final class FirmnessTest extends TestCase
{
    /**
     * @param array{int, int, int} $backing
     * @param array{int, int, int} $top
     * @param list<string>         $said    the beginnings of what is said
     */
    #[DataProvider('feels')]
    public function testTheFeelOfBothLayersIsRead(array $backing, array $top, ?float $jump, array $said): void
    {
        $reading = new FirmnessReading(self::layer(...$backing), self::layer(...$top));
        $advice = (new FirmnessRule())->advise($reading, null === $jump ? null : Length::inches($jump));

        self::assertCount(\count($said), $advice);
        foreach ($said as $i => $beginning) {
            self::assertStringContainsString($beginning, $advice[$i]->writtenBy(new LengthWriter(UnitSystem::Inches)));
        }
    }

    /** @return iterable<string, array{array{int, int, int}, array{int, int, int}, float|null, list<string>}> */
    public static function feels(): iterable
    {
        yield 'even' => [[3, 3, 3], [3, 3, 3], null, []];
        yield 'backing a step firmer' => [[4, 4, 4], [3, 3, 3], null, ['The backing is the firmer']];
        yield 'not quite a step' => [[4, 4, 3], [3, 3, 3], null, ['One side is firmer']];
        yield 'top a step firmer' => [[2, 2, 2], [3, 3, 3], null, ['The top is the firmer']];
        yield 'one rings' => [[3, 5, 3], [3, 3, 3], null, ['It rings']];
        yield 'one hangs' => [[3, 3, 3], [3, 1, 3], null, ['It hangs']];
        yield 'all of it' => [
            [5, 5, 4],
            [1, 3, 3],
            0.25,
            ['It rings', 'It hangs', 'The backing is the firmer', 'One side', 'The cloth jumped back'],
        ];
        yield 'a small jump is none' => [[3, 3, 3], [3, 3, 3], 0.125, []];
    }

    public function testEveryStepHasItsWords(): void
    {
        self::assertSame(
            ['hangs', 'soft', 'firm with give', 'tight', 'rings'],
            array_map(static fn(Firmness $firmness): string => $firmness->words(), Firmness::cases()),
        );
    }

    /** @return array{Firmness, Firmness, Firmness} */
    private static function layer(int $left, int $centre, int $right): array
    {
        return [Firmness::from($left), Firmness::from($centre), Firmness::from($right)];
    }

    public function testWhereClicksCanMendItOneIsToldAsCloth(): void
    {
        $says = static fn(FirmnessReading $reading, ?Length $click): array => array_map(
            static fn($advice): string => $advice->writtenBy(new LengthWriter(UnitSystem::Inches)),
            (new FirmnessRule())->advise($reading, click: $click),
        );
        $rings = new FirmnessReading(self::layer(5, 5, 5), self::layer(3, 3, 3));
        $even = new FirmnessReading(self::layer(3, 3, 3), self::layer(3, 3, 3));
        $click = 'One click of the take-up is ¼ in of cloth at this roll: click by click, and feel again.';

        self::assertContains($click, $says($rings, Length::inches(0.25)));
        self::assertNotContains($click, $says($rings, null), 'a motor does not click');
        self::assertSame([], $says($even, Length::inches(0.25)));
    }
}
