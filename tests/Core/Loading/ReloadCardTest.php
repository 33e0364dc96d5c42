<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\ReloadCard;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Purpose;

#[CoversClass(ReloadCard::class)]
final class ReloadCardTest extends TestCase
{
    /** A top of 68 ¼ in by 87 ¼ in on a backing of 78 in by 95 ¾ in, its lead margin as asked. */
    public function testWhatWasBastedIsToldToWhoeverLoadsItAgain(): void
    {
        $card = ReloadCard::of(Loads::setup(habits: new LoadingHabits(purpose: Purpose::Basting)));
        self::assertNotNull($card);
        $lines = array_map(
            static fn(Phrase $line): string => $line->writtenBy(new LengthWriter(UnitSystem::Inches)),
            $card->lines,
        );

        self::assertStringContainsString('its lines 4 in apart, at 2 stitches an inch', $lines['It is basted']);
        self::assertStringContainsString('are kept: 4 in at the lead, ', $lines['Its margins']);
        self::assertStringContainsString('with its top edge', $lines['It leads']);
        self::assertStringContainsString('loosened by two turns', $lines['Set back']);
        self::assertStringContainsString('11 stitches an inch', $lines['Set back']);
        self::assertStringContainsString('by its backing', $lines['Loaded again']);
        $told = implode("\n", Loads::told(Loads::steps([], new LoadingHabits(purpose: Purpose::Basting))));
        self::assertStringContainsString('bag: Trim nothing: it is loaded again by its backing.', $told);
    }

    public function testAQuiltThatIsQuiltedHasNone(): void
    {
        self::assertNull(ReloadCard::of(Loads::setup()));
        self::assertNull(ReloadCard::of(Loads::setup(habits: new LoadingHabits(purpose: Purpose::Prebasted))));
    }
}
