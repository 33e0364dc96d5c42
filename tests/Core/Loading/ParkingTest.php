<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\Parking;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Purpose;

#[CoversClass(Parking::class)]
#[CoversClass(ParkFor::class)]
final class ParkingTest extends TestCase
{
    /**
     * @param array<string, mixed> $members
     * @param list<string>         $tells
     * @param list<string>         $tellsNot
     */
    #[DataProvider('stays')]
    public function testWhatIsSlackenedGoesByHowLongItStays(
        array $members,
        ParkFor $for,
        array $tells,
        array $tellsNot,
        Purpose $purpose = Purpose::Quilting,
    ): void {
        $setup = Loads::setup($members, new LoadingHabits(purpose: $purpose));
        $writer = new LengthWriter(UnitSystem::Inches);
        $told = implode(
            "\n",
            array_map(static fn(Phrase $line): string => $line->writtenBy($writer), [
                ...(new Parking())->before($setup, $for),
                ...(new Parking())->onReturn($setup, $for),
            ]),
        );

        foreach ($tells as $text) {
            self::assertStringContainsString($text, $told);
        }
        foreach ($tellsNot as $text) {
            self::assertStringNotContainsString($text, $told);
        }
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: ParkFor, 2: list<string>, 3: list<string>, 4?: Purpose}> */
    public static function stays(): iterable
    {
        $magnets = ['load/lead' => ['method' => 'magnets']];
        yield 'a night' => [
            $magnets,
            ParkFor::Overnight,
            ['by one click', 'batting settles overnight', 'Read both register marks once more'],
            ['Creases', 'magnets', 'sheet', 'quite slack', 'anew'],
        ];
        yield 'some days, held by magnets' => [
            $magnets,
            ParkFor::Days,
            [
                'until nothing pulls',
                'Take off the magnets',
                'a clean sheet over bed and rolls',
                'Creases',
                'A test on the margin',
            ],
            ['Write on the sheet', 'one click'],
        ];
        yield 'weeks' => [[], ParkFor::Weeks, ['Write on the sheet which thread'], ['magnets']];
        yield 'a stretchy backing for a night' => [
            ['backing/kind' => 'minky', 'backing/stretch' => 'across'],
            ParkFor::Overnight,
            ['let it hang quite slack'],
            [],
        ];
        yield 'on poles' => [Loads::clamped(), ParkFor::Weeks, ['Let the poles off'], ['rollers']];
        yield 'basted before it came' => [[], ParkFor::Overnight, [], ['marks'], Purpose::Prebasted];
        yield 'no ratchet' => [['frame/ratchet_teeth' => null], ParkFor::Overnight, ['that no roller has turned'], []];
    }

    public function testTheFrameStandsSlackenedMeanwhile(): void
    {
        $left = static fn(ParkFor $for): array => array_map(
            static fn(Setting $setting): string => "{$setting->part->value} $setting->value",
            $for->leaves(),
        );

        self::assertSame(['side clamps off'], $left(ParkFor::Overnight));
        self::assertSame(['side clamps off', 'firmness slack'], $left(ParkFor::Days));
        self::assertSame(['side clamps off', 'firmness slack'], $left(ParkFor::Weeks));
        self::assertSame(
            ['overnight', 'for some days', 'for weeks'],
            array_map(static fn($one) => $one->words(), ParkFor::cases()),
        );
    }
}
