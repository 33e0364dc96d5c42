<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Tension\Bed\Bed;
use Schwung\Core\Tension\Bed\BedRule;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Bed\Cloth;
use Schwung\Core\Tension\Bed\LeaderShape;
use Schwung\Core\Tension\Bed\SideClamps;
use Schwung\Core\Tension\Bed\WoundSeam;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\SeamLie;
use Schwung\Core\Tension\Symptom;

#[CoversClass(BedRule::class)]
#[CoversClass(Bed::class)]
#[CoversClass(BedSetup::class)]
#[CoversClass(Cloth::class)]
#[CoversClass(LeaderShape::class)]
#[CoversClass(WoundSeam::class)]
#[CoversClass(SideClamps::class)]
final class BedTest extends TestCase
{
    public function testABedWithNothingWrongShowsNothing(): void
    {
        $bed = $this->lie(BedSetup::flat());

        self::assertSame([], $bed->symptoms());
        self::assertSame(
            [0.0],
            array_values(array_unique(array_map(static fn($sag): float => $sag->dip->toMillimetres(), $bed->sags))),
        );
        self::assertSame(0.0, $bed->bend);
    }

    /** @param list<Symptom> $seen */
    #[DataProvider('faults')]
    public function testEachFaultShowsWhatItShows(BedSetup $setup, array $seen): void
    {
        self::assertSame(
            array_map(static fn(Symptom $symptom): string => $symptom->value, $seen),
            array_map(static fn(Symptom $symptom): string => $symptom->value, $this->lie($setup)->symptoms()),
        );
    }

    /** @return iterable<string, array{BedSetup, list<Symptom>}> */
    public static function faults(): iterable
    {
        $flat = BedSetup::flat();
        $feels = static fn(Firmness $backing, Firmness $top): BedSetup => $flat->with(
            firmness: BedSetup::evenly($backing, $top),
        );
        $clamps = static fn(int $pull, ClampWidth $bite): BedSetup => $flat->with(
            clamps: new SideClamps($pull, $bite, Length::inches(12)),
        );
        $good = Firmness::FirmWithGive;

        yield 'a leader longer at the right' => [
            $flat->with(leader: new LeaderShape(Length::inches(0.375), Length::zero())),
            [Symptom::SideDip, Symptom::DragLine, Symptom::Skew],
        ];
        yield 'a leader longer at the left' => [
            $flat->with(leader: new LeaderShape(Length::inches(-0.375), Length::zero())),
            [Symptom::SideDip, Symptom::DragLine, Symptom::Skew],
        ];
        yield 'a leader worn in the middle' => [
            $flat->with(leader: new LeaderShape(Length::zero(), Length::inches(0.25))),
            [Symptom::CentreDip],
        ];
        yield 'a leader worn at its ends' => [
            $flat->with(leader: new LeaderShape(Length::zero(), Length::inches(-0.25))),
            [Symptom::BothSidesDip],
        ];
        yield 'an eighth of an inch is seen too' => [
            $flat->with(leader: new LeaderShape(Length::zero(), Length::inches(0.125))),
            [Symptom::CentreDip],
        ];
        yield 'one ratchet behind' => [$flat->with(lag: Length::millimetres(8)), [Symptom::SideDip, Symptom::DragLine]];
        yield 'a seam that winds on itself' => [
            $flat->with(seam: new WoundSeam(SeamLie::RollerToRoller, Pressing::ToOneSide, 14)),
            [Symptom::BothSidesDip, Symptom::RollRidge],
        ];
        yield 'a seam along the rails' => [
            $flat->with(seam: new WoundSeam(SeamLie::AlongRails, Pressing::ToOneSide, 14)),
            [],
        ];
        yield 'clamps as hard as they go' => [
            $clamps(4, ClampWidth::Wide),
            [Symptom::ScallopedSide, Symptom::SnapBack, Symptom::RipplesOffFrame],
        ];
        yield 'clamps that bite little' => [$clamps(2, ClampWidth::Narrow), [Symptom::ScallopedSide]];
        yield 'a backing that rings' => [$feels(Firmness::Rings, $good), [Symptom::RingsTight, Symptom::CurlToBack]];
        yield 'a top pulled tight' => [$feels($good, Firmness::Tight), [Symptom::CurlToFront]];
        yield 'a top that is loose' => [$feels($good, Firmness::Soft), [Symptom::BubbleAhead, Symptom::CurlToBack]];
        yield 'everything hangs' => [$feels(Firmness::Hangs, Firmness::Hangs), [Symptom::Bounce, Symptom::BubbleAhead]];
        yield 'one side of the backing is tight' => [
            $flat->with(firmness: new FirmnessReading([Firmness::Rings, $good, $good], [$good, $good, $good])),
            [Symptom::DragLine, Symptom::RingsTight],
        ];
        yield 'pins an inch apart' => [$flat->with(pinSpacing: Length::inches(1)), [Symptom::CrossRipple]];
        yield 'pins nine inches apart' => [$flat->with(pinSpacing: Length::inches(9)), [Symptom::CrossRipple]];
        yield 'stretch from roller to roller' => [
            $flat->with(stretch: Stretch::Along),
            [Symptom::SnapBack, Symptom::RipplesOffFrame],
        ];
    }

    public function testAQuarterInchOverABedOfTwoFeetDipsAboutAnInchAndAHalf(): void
    {
        self::assertEqualsWithDelta(1.5, LeaderCheckRule::sinks(24.0, 0.25), 0.01);
    }

    public function testMoreOfAFaultNeverShowsLess(): void
    {
        $deepest = fn(float $inches): float => max([
            0.0,
            ...array_map(
                static fn($sag): float => $sag->dip->toMillimetres(),
                $this->lie(BedSetup::flat()->with(leader: new LeaderShape(Length::zero(), Length::inches($inches))))
                    ->sags,
            ),
        ]);
        $ridge = fn(int $turns): float => (float) $this->lie(
            BedSetup::flat()->with(seam: new WoundSeam(SeamLie::RollerToRoller, Pressing::Open, $turns)),
        )
            ->of(Symptom::RollRidge)
            ?->size?->length()
            ->toMillimetres();

        self::assertTrue($deepest(0.1) < $deepest(0.2) && $deepest(0.2) < $deepest(0.4));
        self::assertSame(
            [0.0, 6.0, 9.0],
            [$ridge(10), $ridge(20), $ridge(30)],
            'three tenths of a millimetre at each turn, told from five millimetres on',
        );
    }

    public function testLeftAndRightAreMirrored(): void
    {
        $sags = fn(float $tilt): array => array_map(
            static fn($sag): float => round($sag->dip->toMillimetres(), 6),
            $this->lie(BedSetup::flat()->with(leader: new LeaderShape(Length::inches($tilt), Length::zero())))->sags,
        );

        self::assertSame($sags(0.3), array_reverse($sags(-0.3)));
    }

    private function lie(BedSetup $setup): Bed
    {
        return (new BedRule())->lie($setup);
    }
}
