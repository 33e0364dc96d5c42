<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\OneMoreRule;
use Schwung\Core\Advance\Pass;
use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Advance\RowPasses;
use Schwung\Core\Advance\RowRule;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

#[CoversClass(RowRule::class)]
#[CoversClass(RowLayout::class)]
#[CoversClass(RowPasses::class)]
#[CoversClass(OneMoreRule::class)]
final class RowsTest extends TestCase
{
    #[DataProvider('layouts')]
    public function testRowsAreMadeToEnd(
        float $along,
        RowDesign $design,
        int $count,
        float $scale,
        float $gap,
        Finish $used,
    ): void {
        $layout = (new RowRule())->layOut($design, Length::inches($along));

        self::assertSame([$count, $used], [$layout->count, $layout->finish]);
        self::assertEqualsWithDelta($scale, $layout->scale, 1e-6);
        self::assertEqualsWithDelta($gap, $layout->gap->toInches(), 1e-5);
    }

    /** @return iterable<string, array{float, RowDesign, int, float, float, Finish}> */
    public static function layouts(): iterable
    {
        yield 'worked example' => [
            90.375,
            self::design(5.5, 0.25, 0.5, Finish::FitScale),
            16,
            0.995913,
            0.24898,
            Finish::FitScale,
        ];
        yield 'example of the job file' => [
            87.25,
            self::design(8, 0.5, 0.5, Finish::FitScale),
            10,
            1.044379,
            0.5221893,
            Finish::FitScale,
        ];
        yield 'runs off' => [83, self::design(8, 0.5, 0.5, Finish::RunOff), 10, 1, 0.5, Finish::RunOff];
        yield 'exactly covered' => [84, self::design(8, 0.5, 0.25, Finish::RunOff), 10, 1, 0.5, Finish::RunOff];
        yield 'gap' => [90, self::design(8, 0.5, 0.5, Finish::FitGap), 11, 1, 0.3, Finish::FitGap];
        yield 'scale of exactly 1.1' => [21, self::design(10, 0, 0.5, Finish::FitScale), 2, 1.1, 0, Finish::FitScale];
        yield 'one row too small to scale' => [7, self::design(10, 1, 0.5, Finish::FitScale), 1, 1, 1, Finish::RunOff];
        yield 'one row has no gap to change' => [7, self::design(10, 1, 0.5, Finish::FitGap), 1, 1, 1, Finish::RunOff];
        yield 'gaps that would nest by more than half' => [
            11,
            self::design(10, 0, 0, Finish::FitGap),
            2,
            1,
            0,
            Finish::RunOff,
        ];
        yield 'equally near takes more rows' => [
            20,
            self::design(20, 0, 0, Finish::FitScale),
            1,
            1,
            0,
            Finish::FitScale,
        ];
        yield 'rows that nest' => [30, self::design(6, -2, 0, Finish::RunOff), 7, 1, -2, Finish::RunOff];
    }

    /** Rows of 11 ¼ in and of 11.6 in on 86 in: the nearer scale would not go under an 18 in throat. */
    #[TestWith([11.25, 8, 0.930481, 7, 1.06422])]
    #[TestWith([11.6, 8, 0.903427, 7, 1.033254])]
    public function testOfTwoScalesTheOneWhoseRowsCanBeStitchedIsTaken(
        float $height,
        int $count,
        float $scale,
        int $nearerCount,
        float $nearer,
    ): void {
        $design = self::design($height, 0.5, 0.5, Finish::FitScale);
        $under = (new RowRule(Rolls::of(BattingKind::Cotton, 18)))->layOut($design, Length::inches(86));
        $unknown = (new RowRule())->layOut($design, Length::inches(86));

        self::assertSame($count, $under->count);
        self::assertEqualsWithDelta($scale, $under->scale, 1e-6);
        self::assertSame($nearerCount, $unknown->count, 'where the roll is not known the nearer one is taken');
        self::assertEqualsWithDelta($nearer, $unknown->scale, 1e-6);
    }

    /** The table of the worked example for rule 9. */
    public function testThePassTable(): void
    {
        $layout = (new RowRule())->layOut(self::design(5.5, 0.25, 0.5, Finish::FitScale), Length::inches(90.375));

        $plan = (new RowPasses(Rolls::of(BattingKind::Wool, backing: BackingKind::Wide)))->plan($layout);

        $table = array_map(
            static fn(Pass $pass): array => [
                $pass->rows,
                round($pass->from->toInches(), 3),
                round($pass->to->toInches(), 3),
                round($pass->spare()->toInches(), 3),
                $pass->clicks,
                round($pass->rollDiameter()->length()->toInches(), 3),
            ],
            $plan->passes,
        );
        self::assertSame(
            [
                [2, -0.5, 10.704, 2.796, 54, 2.173],
                [2, 10.953, 22.157, 2.534, 45, 2.698],
                [2, 22.406, 33.61, 2.315, 39, 3.136],
                [2, 33.859, 45.063, 2.123, 36, 3.519],
                [2, 45.312, 56.516, 1.95, 32, 3.865],
                [2, 56.765, 67.969, 1.791, 31, 4.183],
                [2, 68.218, 79.422, 1.644, 28, 4.478],
                [2, 79.671, 90.875, 1.505, null, 4.755],
            ],
            $table,
        );
        self::assertTrue($plan->works());
    }

    public function testARowMoreIsOnlySaidWhereItSavesAPass(): void
    {
        $design = self::design(5.5, 0.25, 0.5, Finish::FitScale);
        $layout = (new RowRule())->layOut($design, Length::inches(90.375));
        $roll = Rolls::of(BattingKind::Wool, backing: BackingKind::Wide);
        $rule = new OneMoreRule($roll);
        $plan = (new RowPasses($roll))->plan($layout);

        self::assertEqualsWithDelta(4.1118, $rule->smaller($design, $layout, $plan)?->height->toInches(), 1e-4);
        self::assertNull($rule->find($design, $layout, $plan));
    }

    public function testADesignALittleTooTallCostsMorePasses(): void
    {
        $design = self::design(8, 0.5, 0.5, Finish::FitScale);
        $roll = Rolls::of(BattingKind::CottonPoly);
        $layout = (new RowRule())->layOut($design, Length::inches(87.25));
        $plan = (new RowPasses($roll))->plan($layout);

        $oneMore = (new OneMoreRule($roll))->find($design, $layout, $plan);

        self::assertSame([10, 7, 14], [$plan->count(), $oneMore?->passes, $oneMore?->rows]);
        // 0.7957 fills the depth of today's last pass; the smaller rows need 0.0007 less, because more is wound on
        // then.
        self::assertEqualsWithDelta(0.795, $oneMore?->scale, 0.0001);
    }

    public function testARowThatDoesNotFitIsNamedWithItsPass(): void
    {
        $layout = (new RowRule())->layOut(self::design(13.7, 0, 0, Finish::RunOff), Length::inches(90));

        $plan = (new RowPasses(Rolls::of(BattingKind::Wool)))->plan($layout);

        self::assertFalse($plan->isComplete());
        self::assertSame(
            'A row of 13 ¾ in does not fit: pass 2 has only 13 ⅝ in of depth.',
            $plan->obstacle?->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
        self::assertCount(1, $plan->passes);
    }

    public function testAFrameWithNextToNoDepthIsRefusedInGoodTime(): void
    {
        $layout = (new RowRule())->layOut(self::design(0.01, 0, 0, Finish::RunOff), Length::inches(300));

        self::assertFalse((new RowPasses(Rolls::thick(0.9, 6.02)))->plan($layout)->isComplete());
    }

    private static function design(float $height, float $gap, float $overhang, Finish $finish): RowDesign
    {
        return new RowDesign(Length::inches($height), Length::inches($gap), Length::inches($overhang), $finish);
    }
}
