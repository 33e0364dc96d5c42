<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\BlockPasses;
use Schwung\Core\Advance\BlockPlan;
use Schwung\Core\Advance\PassPlan;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\RowPasses;
use Schwung\Core\Advance\RowRule;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;

/** What must hold of any passes; thickness in tenths of a millimetre, all else in eighths of an inch. */
#[CoversNothing]
final class PassPropertiesTest extends TestCase
{
    use TestTrait;

    public function testThickerBattingNeverGivesFewerPassesOfRows(): void
    {
        $this->forAll(
            Generators::choose(240, 960),
            Generators::choose(8, 96),
            Generators::choose(10, 60),
            Generators::choose(0, 60),
        )->then(static function (int $along, int $height, int $thickness, int $more): void {
            $thin = self::rows(Rolls::thick($thickness / 10), $along, $height);
            $thick = self::rows(Rolls::thick(($thickness + $more) / 10), $along, $height);
            self::assertGreaterThanOrEqual(self::weight($thin), self::weight($thick));
        });
    }

    public function testADeeperThroatNeverGivesMorePassesOfRows(): void
    {
        $this->forAll(
            Generators::choose(240, 960),
            Generators::choose(8, 96),
            Generators::choose(80, 200),
            Generators::choose(0, 60),
        )->then(static function (int $along, int $height, int $throat, int $deeper): void {
            $shallow = self::rows(Rolls::thick(2.65, $throat / 8), $along, $height);
            $deep = self::rows(Rolls::thick(2.65, ($throat + $deeper) / 8), $along, $height);
            self::assertLessThanOrEqual(self::weight($shallow), self::weight($deep));
        });
    }

    public function testForBlocksTheSameHoldsOfPassesAndCostTogether(): void
    {
        $this->forAll(
            Generators::choose(160, 800),
            Generators::choose(90, 200),
            Generators::choose(0, 60),
            Generators::choose(10, 60),
            Generators::choose(0, 60),
            Generators::choose(40, 140),
        )->then(static function (int $along, int $throat, int $deeper, int $thickness, int $more, int $block): void {
            $grid = self::grid($along, $block);
            $worth = static fn(Roll $roll): int => self::worth((new BlockPasses($roll))->plan($grid));
            self::assertLessThanOrEqual(
                $worth(Rolls::thick($thickness / 10, $throat / 8)),
                $worth(Rolls::thick($thickness / 10, ($throat + $deeper) / 8)),
            );
            self::assertGreaterThanOrEqual(
                $worth(Rolls::thick($thickness / 10, $throat / 8)),
                $worth(Rolls::thick(($thickness + $more) / 10, $throat / 8)),
            );
        });
    }

    public function testPassesOfBlocksTileTheQuiltExactly(): void
    {
        $this->forAll(Generators::choose(160, 1000), Generators::choose(70, 200), Generators::choose(40, 140))->then(
            static function (int $along, int $throat, int $block): void {
                $plan = (new BlockPasses(Rolls::thick(4.45, $throat / 8)))->plan(self::grid($along, $block))->passes;
                $reached = 0.0;
                foreach ($plan->passes as $pass) {
                    self::assertEqualsWithDelta($reached, $pass->from->toMillimetres(), 1e-5);
                    self::assertLessThanOrEqual(
                        $pass->depth()->length()->toMillimetres() + 1e-5,
                        $pass->to->minus($pass->from)->toMillimetres(),
                    );
                    $reached = $pass->to->toMillimetres();
                }
                self::assertEqualsWithDelta(($along / 8) * 25.4, $reached, 1e-5);
            },
        );
    }

    public function testPassesOfRowsTakeEveryRowOnce(): void
    {
        $this->forAll(
            Generators::choose(160, 1000),
            Generators::choose(8, 96),
            Generators::choose(-3, 16),
            Generators::elements(...Finish::cases()),
        )->then(static function (int $along, int $height, int $gap, Finish $finish): void {
            $layout = (new RowRule())->layOut(
                new RowDesign(Length::inches($height / 8), Length::inches($gap / 8), Length::inches(0.5), $finish),
                Length::inches($along / 8),
            );
            $plan = (new RowPasses(Rolls::thick(2.65)))->plan($layout);
            if (!$plan->isComplete()) {
                self::assertGreaterThan(12, $layout->height->toInches());

                return;
            }
            self::assertSame(
                $layout->count,
                array_sum(array_map(static fn($pass): int => (int) $pass->rows, $plan->passes)),
            );
            self::assertEqualsWithDelta(
                $layout->end($layout->count - 1)->toMillimetres(),
                $plan->last()?->to->toMillimetres(),
                1e-4,
            );
            if (Finish::RunOff !== $layout->finish) {
                self::assertEqualsWithDelta(0.5, $layout->beyondTail()->toInches(), 1e-4);
            }
        });
    }

    private static function rows(Roll $roll, int $along, int $height): PassPlan
    {
        return (new RowPasses($roll))->plan(
            (new RowRule())->layOut(
                new RowDesign(Length::inches($height / 8), Length::inches(0.25), Length::inches(0.5)),
                Length::inches($along / 8),
            ),
        );
    }

    /** A plan that cannot be made is worse than any. */
    private static function weight(PassPlan $plan): int
    {
        return $plan->isComplete() ? $plan->count() : \PHP_INT_MAX;
    }

    private static function worth(BlockPlan $plan): int
    {
        return $plan->passes->isComplete()
            ? 10 * $plan->passes->count() +
                    array_sum(array_map(static fn(Stop $stop): int => $stop->kind->cost(), $plan->stops))
            : \PHP_INT_MAX;
    }

    private static function grid(int $along, int $block): SeamGrid
    {
        $seams = [];
        for ($at = $block; $at < $along; $at += $block) {
            $seams[] = new TopSeam(Length::inches($at / 8), $at === $block ? SeamKind::Border : SeamKind::Block);
        }

        return SeamGrid::of(Length::inches($along / 8), $seams);
    }
}
