<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Queue\Estimate;
use Schwung\Core\Queue\Factor;
use Schwung\Core\Queue\Factors;
use Schwung\Core\Queue\Phase;
use Schwung\Core\Queue\StepTime;
use Schwung\Core\Queue\Workload;
use Tests\Core\Jobs;

/** What steps take, and what those that were done teach. */
#[CoversClass(Estimate::class)]
#[CoversClass(Factor::class)]
#[CoversClass(Factors::class)]
#[CoversClass(Phase::class)]
#[CoversClass(StepTime::class)]
#[CoversClass(Workload::class)]
final class TimesTest extends TestCase
{
    use TestTrait;

    public function testAStepThatTookTwiceAsLongMovesItsFactorByAFifth(): void
    {
        $taught = (new Factor())->taught(10, 20);

        self::assertEqualsWithDelta(1.2, $taught->value, 1e-9);
        self::assertSame(1, $taught->steps);
        self::assertEqualsWithDelta(sqrt(0.8 * 0.33 ** 2 + 0.2), $taught->spread, 1e-9, 'and says that it varies');
    }

    public function testAFactorStaysBetweenThreeTenthsAndThree(): void
    {
        [$slow, $quick] = [new Factor(), new Factor()];
        for ($i = 0; $i < 40; ++$i) {
            [$slow, $quick] = [$slow->taught(1, 100), $quick->taught(100, 1)];
        }

        self::assertEqualsWithDelta(3.0, $slow->value, 1e-9);
        self::assertEqualsWithDelta(0.3, $quick->value, 1e-9);
    }

    public function testWhatAlwaysTakesTheSameIsLearntAndSpreadsLess(): void
    {
        $this->forAll(Generators::choose(31, 290))->then(static function (int $percent): void {
            $factor = new Factor();
            for ($i = 0; $i < 60; ++$i) {
                $factor = $factor->taught(10, $percent / 10);
            }
            self::assertEqualsWithDelta($percent / 100, $factor->value, 0.01);
            self::assertLessThan(0.05, $factor->spread);
        });
    }

    public function testNothingIsDoneInLessThanAMinute(): void
    {
        $minutes = static fn(float $loading): int => (new Estimate($loading, 0.0, 0.0, $loading, 4.0))->wholeMinutes();

        self::assertSame([1, 1, 2, 90], array_map($minutes, [0.2, 1.4, 1.5, 90.4]));
        self::assertSame(6.0, (new Estimate(1, 2, 3, 0, 0))->minutes());
        self::assertSame(2.0, (new Estimate(1, 2, 3, 0, 4))->spread());
    }

    public function testEachKindLearnsForItself(): void
    {
        $factors = (new Factors())->taught([
            new StepTime(StepKind::Attach, 10, 15),
            new StepTime(StepKind::Attach, 10, 15),
            new StepTime(StepKind::Stitch, 30, 24),
            new StepTime(StepKind::Wind, 0, 5),
        ]);

        self::assertEqualsWithDelta(1.18, $factors->of(StepKind::Attach)->value, 1e-9);
        self::assertEqualsWithDelta(0.96, $factors->of(StepKind::Stitch)->value, 1e-9);
        self::assertSame(0, $factors->of(StepKind::Wind)->steps, 'what nothing was estimated for teaches nothing');
        self::assertEqualsWithDelta(1.0, $factors->of(StepKind::Advance)->value, 1e-9);
    }

    public function testLoadingIsToldApartFromStitchingAndTheWholeIsThatOfTheSteps(): void
    {
        $steps = Jobs::prepared([])->steps();
        self::assertNotNull($steps);
        $estimate = Workload::of($steps)->estimate(new Factors());

        self::assertEqualsWithDelta($steps->minutes(), $estimate->minutes(), 1e-6);
        self::assertEqualsWithDelta($steps->minutes(), $estimate->unlearnt, 1e-6);
        self::assertEqualsWithDelta($steps->minutesOfLoading(), $estimate->loading, 1e-6);
        self::assertGreaterThan(0, $estimate->stitching);
        self::assertGreaterThan(0, $estimate->tending);
        self::assertEqualsWithDelta($estimate->spread() ** 2, $estimate->variance, 1e-6);
    }

    public function testAStudioThatIsSlowAtStitchingIsToldSoAndNothingElseChanges(): void
    {
        $steps = Jobs::prepared([])->steps();
        self::assertNotNull($steps);
        $work = Workload::of($steps);
        $before = $work->estimate(new Factors());
        $after = $work->estimate(new Factors(['stitch' => new Factor(2.0, 0.1, 9)]));

        self::assertEqualsWithDelta(2 * $before->stitching, $after->stitching, 1e-6);
        self::assertEqualsWithDelta($before->loading, $after->loading, 1e-6);
        self::assertEqualsWithDelta($before->unlearnt, $after->unlearnt, 1e-6);
        self::assertLessThan($before->variance, $after->variance);
    }

    public function testWhatIsDoneCountsNoMore(): void
    {
        $steps = Jobs::prepared([])->steps();
        self::assertNotNull($steps);
        $done = [];
        foreach ($steps->steps as $step) {
            if (StepKind::Stitch === $step->kind) {
                break;
            }
            $done[$step->key] = true;
        }
        $left = Workload::of($steps, $done)->estimate(new Factors());

        self::assertSame(0.0, $left->loading);
        self::assertEqualsWithDelta($steps->minutes() - $steps->minutesOfLoading(), $left->minutes(), 1e-6);
    }
}
