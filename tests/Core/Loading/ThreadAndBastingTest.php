<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Design\ShippedDesigns;
use Schwung\Core\Job\Working;
use Schwung\Core\Loading\BastingLine;
use Schwung\Core\Loading\BastingLineKind;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Loading\BobbinChange;
use Schwung\Core\Loading\StitchedRule;
use Schwung\Core\Loading\ThreadPlan;
use Schwung\Core\Loading\ThreadRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;
use Schwung\Core\Practice\Stitches;
use Schwung\Core\Running\Remaining;

#[CoversClass(BobbinChange::class)]
#[CoversClass(ThreadPlan::class)]
#[CoversClass(ThreadRule::class)]
#[CoversClass(StitchedRule::class)]
#[CoversClass(BastingRule::class)]
#[CoversClass(Remaining::class)]
final class ThreadAndBastingTest extends TestCase
{
    public function testALockstitchTakesTheLengthAndOnceTheThicknessForEachStitch(): void
    {
        // 10 m at 10 stitches an inch through 2 mm: 10 000 mm and 3937 stitches of 2 mm.
        $rule = new ThreadRule(new Stitches(quiltingPerInch: 10, underFoot: Length::millimetres(2)));

        self::assertEqualsWithDelta(17_874, $rule->thread(Length::millimetres(10_000))->toMillimetres(), 0.1);
    }

    public function testTheBobbinRunsOutInThePassInWhichItsThreadEnds(): void
    {
        $rule = new ThreadRule(
            new Stitches(quiltingPerInch: 254, bobbin: Length::millimetres(100), underFoot: Length::millimetres(0)),
        );
        $passes = static fn(float ...$millimetres): array => array_values(
            array_map(Length::millimetres(...), $millimetres),
        );

        self::assertSame([3], $rule->plan($passes(40, 40, 40))->runsOut);
        self::assertSame(2, $rule->plan($passes(40, 40, 40))->bobbins);
        self::assertSame([], $rule->plan($passes(50, 50))->runsOut, 'empty at the end of the last pass is just enough');
        self::assertSame([3], $rule->plan($passes(50, 50, 50))->runsOut);
        self::assertSame([1, 2], $rule->plan($passes(150, 100))->runsOut);
        self::assertSame(1, $rule->plan([])->bobbins);
    }

    public function testABobbinIsChangedAtTheEndOfARowThatLeavesTooLittle(): void
    {
        // Two metres of thread for one that is stitched, so that a bobbin lasts 50 m.
        $rule = new ThreadRule(
            new Stitches(
                quiltingPerInch: 25,
                bobbin: Length::millimetres(100_000),
                underFoot: Length::millimetres(1.016),
            ),
        );
        $changes = static function (array $metres, array $rows) use ($rule): array {
            /**
             * @var list<float>    $metres
             * @var list<int|null> $rows
             */
            $stitched = array_map(static fn(float $length): Length => Length::millimetres($length * 1000), $metres);

            return array_map(
                static fn(BobbinChange $change): array => [
                    $change->pass,
                    $change->row,
                    round($change->left->toMillimetres()),
                ],
                $rule->plan($stitched, $rows)->changes,
            );
        };

        self::assertSame([[2, 1, 20000.0]], $changes([30, 30], [3, 3]));
        self::assertSame([], $changes([25, 23.8], [1, 1]), 'five in a hundred to spare');
        self::assertSame([[1, 1, 50000.0]], $changes([25, 23.9], [1, 1]));
        self::assertSame([], $changes([30, 40], [null, null]), 'nothing ends in rows');
        self::assertSame(
            [[1, 1, 80000.0]],
            $changes([60, 45], [1, 1]),
            'of a row longer than a bobbin another was begun',
        );
        self::assertSame([], $changes([], []));
    }

    public function testAPassTellsItsChangesOfBobbin(): void
    {
        [$one, $two] = [new BobbinChange(3, 2, Length::zero()), new BobbinChange(5, 1, Length::zero())];
        $plan = new ThreadPlan([], Length::zero(), Length::zero(), 3, [3, 6], [$one, $two]);

        self::assertSame([[$one], []], [$plan->changesIn(3), $plan->changesIn(4)]);
        self::assertSame([3, 5], $plan->bobbinPasses());
        self::assertSame([3, 6], (new ThreadPlan([], Length::zero(), Length::zero(), 3, [3, 6]))->bobbinPasses());
        $units = new LengthWriter(UnitSystem::Inches);
        self::assertStringContainsString('after row 2 of this pass', $one->words()->writtenBy($units));
    }

    public function testADesignThatIsLaidSettlesWhatTheNeedleRuns(): void
    {
        $setup = Loads::setup();
        $rows = $setup->winding->rows;
        self::assertNotNull($rows);
        $laid = new LaidDesign(
            (new ShippedDesigns())->find('loops') ?? self::fail('no design ships'),
            $rows,
            $setup->across(),
        );
        $byPass = (new StitchedRule($setup->across(), $laid))->byPass($setup->winding);

        self::assertCount(10, $byPass);
        self::assertEqualsWithDelta(
            $laid->stitched()->toMillimetres(),
            array_sum(array_map(static fn(Length $length): float => $length->toMillimetres(), $byPass)),
            0.1,
        );
        self::assertEqualsWithDelta(
            10 * 2.5 * $setup->across()->toMillimetres(),
            $setup->thread->stitched->toMillimetres(),
            0.1,
        );
    }

    public function testTheReferenceLineLiesWhereTheTopBegins(): void
    {
        self::assertEqualsWithDelta(-12.7, $this->of(BastingLineKind::Reference)[0]->from->y, 1e-9);
        self::assertEqualsWithDelta(
            0,
            $this->of(BastingLineKind::Reference, new LoadingHabits(farEdge: FarEdge::OnLine))[0]->from->y,
            1e-9,
        );
        self::assertSame([], $this->of(BastingLineKind::Reference, new LoadingHabits(batting: BattingHold::Pinned)));
    }

    public function testTheFarEdgeIsBastedFromTheCentreOutOnTheHandsSideFirst(): void
    {
        [$first, $second] = $this->of(BastingLineKind::TopEdge);
        self::assertSame(0.0, (float) $first->from->x);
        self::assertGreaterThan(0, $first->to->x);
        self::assertEqualsWithDelta(-$first->to->x, $second->to->x, 1e-9);
        self::assertEqualsWithDelta(3.175, $first->from->y, 1e-9);
        self::assertSame(3.175, $first->inset->toMillimetres());
        $left = (new BastingRule())->lines(Loads::setup(body: new Body(Hand::Left)));
        self::assertLessThan(
            0,
            array_values(
                array_filter($left, static fn(BastingLine $line): bool => BastingLineKind::TopEdge === $line->kind),
            )[0]->to->x,
        );
    }

    public function testTheSidesOfAllBedsCoverTheQuiltOnce(): void
    {
        foreach ([Working::Plain, Working::TurnedRound] as $working) {
            $setup = Loads::setup(working: $working);
            $covered = 0.0;
            foreach ((new BastingRule())->lines($setup) as $line) {
                if (BastingLineKind::Side === $line->kind && $line->from->x > 0) {
                    $covered += abs($line->to->y - $line->from->y);
                    self::assertLessThanOrEqual(0.125 * 25.4 + 1e-9, $line->inset->toMillimetres());
                }
            }
            self::assertGreaterThanOrEqual($setup->along()->toMillimetres() - 0.1, $covered, $working->value);
            if (Working::Plain === $working) {
                self::assertLessThanOrEqual($setup->along()->toMillimetres() + 0.1, $covered);
            }
        }
    }

    public function testTheSidesRunFromTheFrontOrFromTheBack(): void
    {
        $front = $this->of(BastingLineKind::Side)[0];
        $back = $this->of(BastingLineKind::Side, new LoadingHabits(sides: SideBasting::FromBack))[0];

        self::assertGreaterThan($front->to->y, $front->from->y);
        self::assertSame([$front->from->y, $front->to->y], [$back->to->y, $back->from->y]);
    }

    public function testTheLastEdgeIsBastedInThePassInWhichItsHoldLetsGo(): void
    {
        $setup = Loads::setup();
        $lines = $this->of(BastingLineKind::LastEdge);

        self::assertSame([9, 9], array_map(static fn(BastingLine $line): ?int => $line->pass, $lines));
        self::assertEqualsWithDelta($setup->along()->toMillimetres() - 3.175, $lines[0]->from->y, 1e-9);
    }

    public function testAMeanderRunsToAndFroAHandApart(): void
    {
        $lines = $this->of(BastingLineKind::Meander, new LoadingHabits(purpose: Purpose::Basting));

        self::assertEqualsWithDelta(101.6, $lines[1]->from->y - $lines[0]->from->y, 1e-9);
        self::assertSame($lines[0]->to->x, $lines[1]->from->x);
        self::assertSame(
            [],
            (new BastingRule())->lines(Loads::setup(habits: new LoadingHabits(purpose: Purpose::Prebasted))),
        );
    }

    public function testWhatIsLeftIsCountedInPassesAndRows(): void
    {
        $winding = Loads::setup()->winding;

        self::assertSame([10, 10.0], [Remaining::after($winding, 0)->passes, Remaining::after($winding, 0)->rows]);
        self::assertSame([7, 7.0], [Remaining::after($winding, 3)->passes, Remaining::after($winding, 3)->rows]);
        self::assertSame([0, 0.0], [Remaining::after($winding, 12)->passes, Remaining::after($winding, 12)->rows]);
        self::assertSame(6.5, Remaining::after($winding, 3, [4 => 0.5])->rows);
        self::assertSame('7 passes, 6 ½ rows left', Remaining::after($winding, 3, [4 => 0.5])->words());
        self::assertSame('1 pass, ½ row left', Remaining::after($winding, 9, [10 => 0.5])->words());
        self::assertSame('all stitched', Remaining::after($winding, 10)->words());
        self::assertNull(Remaining::after(Loads::setup(['quilting' => ['style' => 'blocks']])->winding, 1)->rows);
    }

    /** @return list<BastingLine> */
    private function of(BastingLineKind $kind, LoadingHabits $habits = new LoadingHabits()): array
    {
        return array_values(
            array_filter(
                (new BastingRule())->lines(Loads::setup(habits: $habits)),
                static fn(BastingLine $line): bool => $kind === $line->kind,
            ),
        );
    }

    public function testBastingTakesTheThreadOfItsMeanderAndPassesAsDeepAsTheBed(): void
    {
        $quilted = Loads::setup();
        $basted = Loads::setup([], new LoadingHabits(purpose: Purpose::Basting));
        $area = 68.125 * 87.25;

        self::assertEqualsWithDelta($area / 4, $basted->thread->stitched->toInches(), 1.0, 'lines 4 in apart');
        // Two stitches an inch through 2 mm: 1 + 2 · 2 / 25.4 of each thread.
        self::assertEqualsWithDelta(
            1 + 4 / 25.4,
            $basted->thread->thread->nanometres / $basted->thread->stitched->nanometres,
            0.0001,
        );
        self::assertLessThan($quilted->winding->count(), $basted->winding->count());
        self::assertNull($basted->winding->rows);
        self::assertSame([], $basted->winding->stops);
        self::assertSame(
            $basted->winding->count(),
            Loads::setup(['quilting' => null], new LoadingHabits(purpose: Purpose::Basting))->winding->count(),
            'it needs no design',
        );
    }

    public function testASeamOutsideTheFirstBedIsNotAlignedBy(): void
    {
        $at = static fn(string $seam): ?float => Loads::setup([
            'top/seams_across' => [['at' => $seam, 'kind' => 'border']],
        ])
            ->alignmentSeam()
            ?->toInches();

        self::assertSame(
            [6.0, 20.0, null],
            [$at('6 in'), $at('20 in'), $at('21 in')],
            '3 1/2 in of 24 lie before the top',
        );
    }
}
