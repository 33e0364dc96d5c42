<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\PassPlan;
use Schwung\Core\Advance\Ridge;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\Step;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Thickness;
use Tests\Core\Jobs;

#[CoversClass(Roll::class)]
#[CoversClass(Ridge::class)]
#[CoversClass(PassPlan::class)]
#[CoversClass(Thickness::class)]
final class RollTest extends TestCase
{
    /** The table of the worked example for rule 8. */
    #[DataProvider('wound')]
    public function testTheRollGrowsAndTakesDepth(float $inches, float $radius, float $depth, float $turns): void
    {
        $roll = Rolls::of(BattingKind::CottonPoly);

        self::assertEqualsWithDelta($radius, $roll->radius($inches * 25.4), 1e-4);
        self::assertEqualsWithDelta($depth, $roll->depth($inches * 25.4), 1e-4);
        self::assertEqualsWithDelta($turns, $roll->turns($inches * 25.4), 1e-5);
    }

    public function testAHoldThatWasMeasuredThickensTheFirstTurnAndTakesDepth(): void
    {
        [$bare, $thick] = [
            self::planned([]),
            self::planned(['pins' => Length::millimetres(3), 'zip' => Length::millimetres(9)]),
        ];

        self::assertSame($bare->radius(0), $thick->radius(0), 'nothing is wound yet');
        self::assertEqualsWithDelta(
            sqrt(($bare->radius(0) + 3) ** 2 + ($bare->radius(500) ** 2 - $bare->radius(0) ** 2)),
            $thick->radius(500),
            1e-6,
        );
        self::assertLessThan($bare->depth(500), $thick->depth(500));
        self::assertLessThan($bare->turns(500), $thick->turns(500));
        self::assertGreaterThan(0, $thick->turns(1));
    }

    /** @param array<string, Length> $bulks */
    private static function planned(array $bulks): Roll
    {
        $plan = (new Planner(new Practice(bulks: $bulks)))->plan((new JobReader())->read(Jobs::document()));

        return $plan->chosenPlan()->course->roll ?? self::fail('It can be wound.');
    }

    /** @return iterable<string, array{float, float, float, float}> */
    public static function wound(): iterable
    {
        yield 'nothing yet' => [0, 27.5968, 355.6, 0];
        yield 'one row' => [8, 30.5449, 352.652, 1.11246];
        yield 'half' => [48, 42.3085, 340.8884, 5.55156];
        yield 'nearly all' => [80, 49.7556, 333.4412, 8.3618];
        yield 'all' => [87.25, 51.2928, 331.904, 8.94189];
    }

    public function testClicksAreRoundedOnTheRunningTotal(): void
    {
        $steps = array_map(static fn(int $i): Step => new Step($i * 203.2, $i * 203.2, ($i + 1) * 203.2), range(0, 6));

        $plan = PassPlan::of(Rolls::of(BattingKind::CottonPoly), $steps);

        self::assertSame([40, 37, 33, 32, 30, 28, null], array_map(static fn($pass) => $pass->clicks, $plan->passes));
        self::assertEqualsWithDelta(1.112465, $plan->passes[0]->turns, 1e-6);
        self::assertEqualsWithDelta(0.783624, $plan->passes[5]->turns, 1e-6);
    }

    public function testAMotorHasNoClicks(): void
    {
        $plan = PassPlan::of(Rolls::of(BattingKind::Wool, teeth: null), [new Step(0, 0, 100), new Step(100, 100, 200)]);

        self::assertNull($plan->passes[0]->clicks);
        self::assertNull(Rolls::of(BattingKind::Wool, teeth: null)->click(0));
    }

    /** Of a full turn, one tooth: it takes up more cloth as the roll grows. */
    public function testAClickIsSoMuchOfTheRollsGirth(): void
    {
        $roll = Rolls::of(BattingKind::CottonPoly);
        $teeth = 36;

        self::assertEqualsWithDelta(
            2 * \M_PI * $roll->radius(0),
            $teeth * ($roll->click(0)?->toMillimetres() ?? 0),
            1e-3,
        );
        self::assertEqualsWithDelta(
            2 * \M_PI * $roll->radius(1500),
            $teeth * ($roll->click(1500)?->toMillimetres() ?? 0),
            1e-3,
        );
    }

    public function testTheRollFitsWhileItsDiameterIsWithinTheArm(): void
    {
        $roll = Rolls::thick(2.65, armClearance: 4);

        self::assertTrue($roll->isUnderArm(0));
        self::assertFalse($roll->isUnderArm(87.25 * 25.4));
        self::assertTrue(
            Rolls::thick($roll->thickestUnderArm(87.25 * 25.4)->toMillimetres(), armClearance: 4)->isUnderArm(
                87.25 * 25.4 - 0.01,
            ),
        );
    }

    #[DataProvider('seams')]
    public function testASeamThatWindsOnItselfStandsProud(
        Pressing $pressed,
        SeamDirection $direction,
        Direction $way,
        ?float $millimetres,
    ): void {
        $side = Length::inches(96);
        $backing = new Backing(
            $side,
            $side,
            $side,
            $side,
            seams: [new BackingSeam($direction, Length::inches(48), $pressed)],
        );

        $ridge = (new Ridge(Rolls::of(BattingKind::CottonPoly), new Thickness()))->height(
            $backing,
            $way,
            Length::inches(87.25),
        );

        null === $millimetres
            ? self::assertNull($ridge)
            : self::assertEqualsWithDelta($millimetres, $ridge?->length()->toMillimetres(), 0.005);
    }

    /** @return iterable<string, array{Pressing, SeamDirection, Direction, float|null}> */
    public static function seams(): iterable
    {
        yield 'pressed open' => [Pressing::Open, SeamDirection::Along, Direction::AsIs, 2.68];
        yield 'to one side' => [Pressing::ToOneSide, SeamDirection::Along, Direction::AsIs, 5.37];
        yield 'turned, it lies along the rollers' => [Pressing::Open, SeamDirection::Along, Direction::Turned, null];
        yield 'across, turned' => [Pressing::Open, SeamDirection::Across, Direction::Turned, 2.68];
    }

    public function testAThicknessSetByTheStudioIsUsed(): void
    {
        $thickness = new Thickness(
            ['minky' => Length::millimetres(2)],
            ['wool' => Length::millimetres(10)],
            Length::millimetres(1),
        );
        $batting = new Batting(Length::inches(90), Length::inches(90), BattingKind::Wool);

        self::assertEqualsWithDelta(
            9.0,
            $thickness->ofSandwich(BackingKind::Minky, $batting)->length()->toMillimetres(),
            1e-9,
        );
        self::assertEqualsWithDelta(
            6.3,
            $thickness
                ->ofSandwich(
                    BackingKind::Cotton,
                    new Batting(
                        Length::inches(90),
                        Length::inches(90),
                        BattingKind::Polyester,
                        Length::millimetres(8.333333),
                    ),
                )
                ->length()
                ->toMillimetres(),
            1e-3,
        );
    }

    public function testTheLayersAreCalledByTheirNames(): void
    {
        $batting = new Batting(Length::inches(90), Length::inches(90), BattingKind::Wool);
        $wide = (new Thickness())->ofSandwich(BackingKind::Wide, $batting);

        self::assertSame('wide cotton', array_column($wide->terms, 'source', 'name')['backing']);
    }

    public function testTheWorkingOfADepthAddsUp(): void
    {
        $worked = Rolls::of(BattingKind::CottonPoly)->usableDepth(Length::inches(48));
        [$throat, $front, $back, $grown] = array_map(
            static fn($term): float => $term->amount->length->toMillimetres(),
            $worked->terms,
        );

        self::assertEqualsWithDelta($worked->length()->toMillimetres(), $throat - $front - $back - $grown, 1e-5);
    }
}
