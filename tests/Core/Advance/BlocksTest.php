<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\BlockPasses;
use Schwung\Core\Advance\BlockPlan;
use Schwung\Core\Advance\Pass;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Advance\Stop;
use Schwung\Core\Advance\StopFinder;
use Schwung\Core\Advance\StopKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;

#[CoversClass(StopFinder::class)]
#[CoversClass(SeamGrid::class)]
#[CoversClass(BlockPasses::class)]
#[CoversClass(BlockPlan::class)]
#[Group('slow')]
final class BlocksTest extends TestCase
{
    use TestTrait;

    /** The worked example for rule 10. */
    public function testTheStopsOfTheSmallGrid(): void
    {
        $plan = (new BlockPasses(Rolls::of(BattingKind::Wool, 19.5)))->plan(self::smallGrid());

        self::assertSame(
            [4.0, 17.0, 30.0, 39.649, 52.394],
            array_map(static fn(Stop $stop): float => round($stop->at->toInches(), 3), $plan->stops),
        );
        self::assertSame(
            [StopKind::Seam, StopKind::Seam, StopKind::Seam, StopKind::Block, StopKind::Block],
            array_map(static fn(Stop $stop): StopKind => $stop->kind, $plan->stops),
        );
        self::assertEqualsWithDelta(43 - 39.649, $plan->stops[3]->fromSeam->toInches(), 0.001);
        self::assertSame(2, $plan->stopsInBlocks());
        self::assertSame(
            [20, 57, 47, 31, 38, null],
            array_map(static fn(Pass $pass): ?int => $pass->clicks, $plan->passes->passes),
        );
        self::assertEqualsWithDelta(
            [9.5, 0.4018, 0.1276, 3.2485, 0, 4.9547],
            array_map(static fn(Pass $pass): float => $pass->spare()->toInches(), $plan->passes->passes),
            1e-4,
        );
    }

    public function testWithoutSeamsEachPassGoesAsFarAsItCan(): void
    {
        $plan = (new BlockPasses(Rolls::of(BattingKind::Cotton)))->plan(SeamGrid::of(Length::inches(60), []));

        self::assertSame(4, $plan->stopsInBlocks());
        self::assertSame(5, $plan->passes->count());
    }

    public function testAFrameWithoutDepthMakesNoPass(): void
    {
        self::assertFalse((new BlockPasses(Rolls::thick(0.9, 6)))->plan(self::smallGrid())->passes->isComplete());
        self::assertFalse((new BlockPasses(Rolls::thick(0.9, 6.05)))->plan(self::smallGrid())->passes->isComplete());
    }

    public function testAStopInAPlainBorderCostsLess(): void
    {
        // The wide border cannot be passed over in one go. A plan that cuts no block costs as much, in a pass more.
        $grid = SeamGrid::of(Length::inches(48), self::seams(['border', 20], ['block', 30], ['border', 40]));
        $plan = (new BlockPasses(Rolls::thick(0.9, 20)))->plan($grid);

        self::assertSame(
            [StopKind::Border, StopKind::Block, StopKind::Seam],
            array_map(static fn(Stop $stop): StopKind => $stop->kind, $plan->stops),
        );
    }

    public function testThePartsAndTheReverseKeepTheirBorders(): void
    {
        $grid = self::smallGrid();
        $half = $grid->part(30 * 25.4, 60 * 25.4)->reversed();

        self::assertEqualsWithDelta([4 * 25.4, 17 * 25.4], $half->seams, 1e-9);
        self::assertEqualsWithDelta(4 * 25.4, $half->firstBorder, 1e-9);
        self::assertEqualsWithDelta(30 * 25.4, $half->lastBorder, 1e-9);
        self::assertEqualsWithDelta(30 * 25.4, $grid->nearestMiddle(), 1e-9);
    }

    /** Every choice of candidates is tried: the finder's is as good as the best of them. */
    public function testTheFinderAgreesWithTryingEverything(): void
    {
        $this->limitTo(150)
            ->forAll(
                Generators::choose(12, 34),
                Generators::choose(6, 14),
                Generators::seq(Generators::choose(1, 33)),
                Generators::choose(0, 10),
                Generators::choose(10, 60),
            )
            ->then(static function (int $length, int $throat, array $places, int $border, int $thickness): void {
                $seams = array_map(
                    static fn(int $place): TopSeam => new TopSeam(Length::inches($place), SeamKind::Block),
                    \array_slice(array_values(array_filter($places, is_int(...))), 0, 3),
                );
                $seams[] = new TopSeam(Length::inches($border), SeamKind::Border);
                $grid = SeamGrid::of(Length::inches($length), $seams);
                $roll = Rolls::thick($thickness / 10, $throat + 6);
                $stops = (new BlockPasses($roll))->plan($grid)->stops;

                self::assertEqualsWithDelta(
                    self::bestOfAll($grid, $roll),
                    self::worth($grid, array_map(static fn(Stop $stop): float => $stop->at->toMillimetres(), $stops)),
                    1e-3,
                );
            });
    }

    public function testAWorkOf200PassesIsPlanned(): void
    {
        $seams = array_map(
            static fn(int $i): TopSeam => new TopSeam(Length::inches($i * 4.9), SeamKind::Block),
            range(1, 60),
        );
        $plan = (new BlockPasses(Rolls::thick(1, 7.6)))->plan(SeamGrid::of(Length::inches(300), $seams));

        self::assertGreaterThanOrEqual(200, $plan->passes->count());
        self::assertTrue($plan->passes->isComplete());
    }

    private static function smallGrid(): SeamGrid
    {
        return SeamGrid::of(
            Length::inches(60),
            self::seams(['border', 4], ['block', 17], ['block', 30], ['block', 43], ['border', 56]),
        );
    }

    /**
     * @param array{string, int} ...$seams
     *
     * @return list<TopSeam>
     */
    private static function seams(array ...$seams): array
    {
        return array_values(
            array_map(
                static fn(array $seam): TopSeam => new TopSeam(Length::inches($seam[1]), SeamKind::from($seam[0])),
                $seams,
            ),
        );
    }

    /** The slow way: every plan there is over edges, seams and chains of furthest reaches. */
    private static function bestOfAll(SeamGrid $grid, Roll $roll): float
    {
        $places = [0.0, ...$grid->seams];
        foreach ($places as $place) {
            while (($place += $roll->depth($place)) < $grid->length) {
                $places[] = $place;
            }
        }
        $places = array_values(array_unique([...$places, $grid->length]));
        sort($places);

        return self::bestFrom(0, [], $places, $grid, $roll);
    }

    /**
     * @param list<float> $stops  made so far
     * @param list<float> $places
     */
    private static function bestFrom(int $at, array $stops, array $places, SeamGrid $grid, Roll $roll): float
    {
        $best = \INF;
        for (
            $next = $at + 1;
            $next < \count($places) && $places[$next] - $places[$at] <= $roll->depth($places[$at]) + 1e-6;
            ++$next
        ) {
            $best = min(
                $best,
                $places[$next] === $grid->length
                    ? self::worth($grid, $stops)
                    : self::bestFrom($next, [...$stops, $places[$next]], $places, $grid, $roll),
            );
        }

        return $best;
    }

    /** @param list<float> $stops */
    private static function worth(SeamGrid $grid, array $stops): float
    {
        $cost = array_sum(array_map(static fn(float $stop): float => self::cost($grid, $stop), $stops));
        $squares = 0.0;
        $from = 0.0;
        foreach ([...$stops, $grid->length] as $to) {
            $squares += ($to - $from) ** 2;
            $from = $to;
        }

        return self::sum(\count($stops) + 1, $cost, $squares);
    }

    private static function cost(SeamGrid $grid, float $place): float
    {
        return $place > $grid->length - 1e-6 || $grid->toNearest($place) < 1e-6
            ? 0.0
            : $grid->between($place)->cost() / 10;
    }

    /** One figure in which passes and cost outweigh the passes, and these the evenness. */
    private static function sum(int $passes, float $cost, float $squares): float
    {
        return round($passes + $cost, 3) * 1e6 + $passes * 1e3 + $squares / 1e5;
    }
}
