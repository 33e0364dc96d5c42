<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\Extension;
use Schwung\Core\Sizing\Fit;
use Schwung\Core\Sizing\Mending;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\PiecingPlan;
use Schwung\Core\Sizing\PiecingWay;
use Schwung\Core\Sizing\Strip;
use Schwung\Core\Sizing\Yardage;
use Tests\Core\Jobs;

#[CoversClass(Extension::class)]
#[CoversClass(Piecing::class)]
#[CoversClass(Yardage::class)]
#[CoversClass(Mending::class)]
final class CuttingTest extends TestCase
{
    public function testStripsAtBothEndsShareTheShortfall(): void
    {
        self::assertSame([[2, 2.75, 3.75, 74.0]], $this->strips(74, 90, 74, 95.3, ExtensionLayout::BothEnds));
    }

    public function testOneStripTakesItAll(): void
    {
        self::assertSame([[1, 5.5, 6.5, 74.0]], $this->strips(74, 90, 74, 95.3, ExtensionLayout::OneEnd));
    }

    public function testShortBothWaysLeadAndTailComeFirst(): void
    {
        self::assertSame(
            [[2, 2.25, 3.25, 74.4], [2, 1.5, 2.5, 95.6]],
            $this->strips(74.4, 91.1, 77, 95.5, ExtensionLayout::BothEnds),
        );
    }

    /**
     * @param list<float> $cuts
     * @param list<float> $seams
     */
    #[DataProvider('pieced')]
    public function testABackingIsPiecedBothWays(
        PiecingWay $way,
        ?float $repeat,
        array $cuts,
        float $cloth,
        string $toBuy,
        float $waste,
        array $seams,
    ): void {
        $plan = $this->plan($way, 76.125, 95.25, $repeat);

        self::assertSame($cuts, array_map(static fn(Length $cut): float => $cut->toInches(), $plan->cuts));
        self::assertSame($cloth, $plan->cloth->toInches());
        self::assertSame($toBuy, Yardage::of($plan->toBuy)->writtenIn(UnitSystem::Inches));
        self::assertEqualsWithDelta($waste, $plan->waste / 25.4 ** 2, 0.06);
        self::assertSame($seams, array_map(static fn(Length $seam): float => $seam->toInches(), $plan->seams));
    }

    /** @return iterable<string, array{PiecingWay, float|null, list<float>, float, string, float, list<float>}> */
    public static function pieced(): iterable
    {
        yield 'along the rails' => [
            PiecingWay::AlongRails,
            null,
            [78.125, 78.125, 78.125],
            234.375,
            '6 ⅝ yd',
            2885.3,
            [42.0, 83.5],
        ];
        yield 'roller to roller' => [PiecingWay::RollerToRoller, null, [97.25, 97.25], 194.5, '5 ½ yd', 1164.1, [0.0]];
        yield 'along the rails, repeat' => [
            PiecingWay::AlongRails,
            12,
            [78.125, 84.0, 84.0],
            246.125,
            '6 ⅞ yd',
            3267.8,
            [42.0, 83.5],
        ];
        yield 'roller to roller, repeat' => [
            PiecingWay::RollerToRoller,
            12,
            [97.25, 108.0],
            205.25,
            '5 ¾ yd',
            1546.6,
            [0.0],
        ];
    }

    public function testFewestSeamsAreChosen(): void
    {
        self::assertSame(PiecingWay::RollerToRoller, $this->plans(76.125, 95.25)[0]->way);
    }

    public function testOfEqualSeamsThoseAlongTheRailsAreChosen(): void
    {
        self::assertSame(PiecingWay::AlongRails, $this->plans(76, 76)[0]->way);
    }

    public function testAWidthThatOnlyJustDoesNotReachTakesOneMore(): void
    {
        self::assertCount(3, $this->plan(PiecingWay::AlongRails, 60, 82.5)->cuts);
        self::assertCount(2, $this->plan(PiecingWay::AlongRails, 60, 82)->cuts);
    }

    public function testAPrintWithAnUpIsNotLaidOnItsSide(): void
    {
        $asIs = $this->plans(76, 76, directional: true);
        $turned = $this->plans(76, 76, directional: true, direction: Direction::Turned);

        self::assertSame([PiecingWay::RollerToRoller, true], [$asIs[0]->way, $asIs[1]->turnsPrint]);
        self::assertSame(PiecingWay::AlongRails, $turned[0]->way);
    }

    public function testABoltMustBeWiderThanItsSeams(): void
    {
        $this->expectException(\DomainException::class);
        (new Piecing(new Practice(), UnitSystem::Inches))->plans(
            Length::inches(60),
            Length::inches(60),
            Length::inches(1),
            false,
            Direction::AsIs,
        );
    }

    public function testMetresAreBoughtByTheTenth(): void
    {
        self::assertSame('5.1 m', Yardage::of(Length::millimetres(5001))->writtenIn(UnitSystem::Centimetres));
    }

    public function testAMendedBackingHasItsSizeAndSeams(): void
    {
        $plan = (new Extension(new Practice()))->plan(
            $this->fit(74, 90),
            Length::inches(74),
            Length::inches(95),
            ExtensionLayout::BothEnds,
        );
        $asIs = (new Mending())->extended(Jobs::backing(74, 90), $plan, Direction::AsIs);
        $turned = (new Mending())->extended(Jobs::backing(90, 74), $plan, Direction::Turned);

        self::assertSame([74.0, 95.0], [$asIs->top->toInches(), $asIs->left->toInches()]);
        self::assertSame([95.0, 74.0], [$turned->top->toInches(), $turned->left->toInches()]);
        self::assertSame([2.5, 92.5], array_map(static fn($seam): float => $seam->at->toInches(), $asIs->seams));
    }

    /** @return list<array{int, float, float, float}> count, adds, cut width, cut length */
    private function strips(
        float $across,
        float $along,
        float $neededAcross,
        float $neededAlong,
        ExtensionLayout $layout,
    ): array {
        $plan = (new Extension(new Practice()))->plan(
            $this->fit($across, $along),
            Length::inches($neededAcross),
            Length::inches($neededAlong),
            $layout,
        );

        return array_map(
            static fn(Strip $strip): array => [
                $strip->count(),
                $strip->adds->toInches(),
                $strip->cutWidth->toInches(),
                $strip->cutLength->toInches(),
            ],
            $plan->strips,
        );
    }

    private function fit(float $across, float $along): Fit
    {
        return new Fit(Length::inches($across), Length::inches($along), 0.0);
    }

    private function plan(PiecingWay $way, float $across, float $along, ?float $repeat = null): PiecingPlan
    {
        $plans = $this->plans($across, $along, $repeat);

        return $plans[0]->way === $way ? $plans[0] : $plans[1];
    }

    /** @return array{PiecingPlan, PiecingPlan} */
    private function plans(
        float $across,
        float $along,
        ?float $repeat = null,
        bool $directional = false,
        Direction $direction = Direction::AsIs,
    ): array {
        return (new Piecing(new Practice(), UnitSystem::Inches))->plans(
            Length::inches($across),
            Length::inches($along),
            Length::inches(42.5),
            $directional,
            $direction,
            null === $repeat ? null : Length::inches($repeat),
        );
    }
}
