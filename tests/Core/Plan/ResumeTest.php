<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\Change;
use Schwung\Core\Advance\HalfWinds;
use Schwung\Core\Advance\Refit;
use Schwung\Core\Advance\RefitChoice;
use Schwung\Core\Advance\RefitRule;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Job\Working;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\ResumeRule;
use Schwung\Core\Plan\WindingRule;
use Tests\Core\Jobs;

/** Passes that are planned anew while a quilt is on its frame. */
#[CoversClass(ResumeRule::class)]
#[CoversClass(HalfWinds::class)]
#[CoversClass(Change::class)]
#[CoversClass(RefitRule::class)]
#[CoversClass(RefitChoice::class)]
#[CoversClass(Refit::class)]
final class ResumeTest extends TestCase
{
    private const ROWS = ['quilting/row_height' => '3 1/2 in', 'quilting/gap' => '1/4 in'];
    private const BLOCKS = [
        'quilting' => ['style' => 'blocks'],
        'top/seams_across' => [
            ['at' => '6 in', 'kind' => 'border'],
            ['at' => '14 in', 'kind' => 'block'],
            ['at' => '22 in', 'kind' => 'block'],
            ['at' => '30 in', 'kind' => 'block'],
            ['at' => '39 in', 'kind' => 'block'],
            ['at' => '48 in', 'kind' => 'block'],
            ['at' => '57 in', 'kind' => 'block'],
            ['at' => '66 in', 'kind' => 'block'],
            ['at' => '75 in', 'kind' => 'block'],
            ['at' => '81 in', 'kind' => 'border'],
        ],
    ];

    /** @param array<string, mixed> $job */
    #[DataProvider('jobs')]
    public function testWhatIsStitchedStaysAndTheRestIsCoveredOnce(array $job, Working $working): void
    {
        [$plan, $winding] = $this->wound($job, $working);
        foreach ([0, 1, 3, $winding->count()] as $kept) {
            foreach ([1.2, 2.65, 5.5] as $thickness) {
                $anew = (new ResumeRule($plan))->resume($winding, new Change($kept, Length::millimetres($thickness)));
                self::assertNotNull($anew);
                self::assertSame(
                    \array_slice($this->places($winding), 0, $kept),
                    \array_slice($this->places($anew), 0, $kept),
                    "the first $kept stay",
                );
                self::assertEqualsWithDelta($thickness, $anew->roll->thickness->length()->toMillimetres(), 1e-6);
                self::assertEqualsWithDelta($this->covered($winding), $this->covered($anew), 1e-3);
                self::assertSame($this->rows($winding), $this->rows($anew));
                foreach ($anew->winds as $wind) {
                    if ($wind->number > $kept + 1) {
                        self::assertGreaterThanOrEqual(
                            $wind->pass->to->minus($wind->pass->from)->toMillimetres() - 1e-3,
                            $wind->pass->depth()->length()->toMillimetres(),
                        );
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, Working}> */
    public static function jobs(): iterable
    {
        yield 'rows' => [self::ROWS, Working::Plain];
        yield 'rows, turned round' => [self::ROWS, Working::TurnedRound];
        yield 'blocks' => [self::BLOCKS, Working::Plain];
        yield 'blocks, turned round' => [self::BLOCKS, Working::TurnedRound];
        yield 'blocks, borders last' => [self::BLOCKS, Working::BordersLast];
    }

    public function testAThickerRollNeedsMorePasses(): void
    {
        [$plan, $winding] = $this->wound(self::ROWS);
        $anew = (new ResumeRule($plan))->resume($winding, new Change(2, Length::millimetres(20)));

        self::assertGreaterThan($winding->count(), $anew?->count());
    }

    public function testThePlanItselfIsAsBefore(): void
    {
        [$plan, $winding] = $this->wound(self::BLOCKS);
        $anew = (new ResumeRule($plan))->resume($winding, new Change(2, $winding->roll->thickness->length()));

        self::assertEquals($this->places($winding), $this->places($anew ?? $winding));
        self::assertEquals($winding->stops, $anew?->stops);
    }

    public function testARowThatDoesNotFitAnyMoreIsNoPlan(): void
    {
        [$plan, $winding] = $this->wound(['quilting/row_height' => '11 in']);

        self::assertNull((new ResumeRule($plan))->resume($winding, new Change(2, Length::millimetres(20))));
    }

    public function testRowsThatAreLeftEndWhereTheyWereTo(): void
    {
        [$plan, $winding] = $this->wound(self::ROWS);
        $rows = $winding->rows;
        self::assertNotNull($rows);
        $done = 8;
        $planned = $rows->along->minus($rows->end($done - 1));
        $choice = (new RefitRule())->fit($rows, $done, $planned->minus(Length::inches(1)));

        self::assertTrue($choice->isWorthIt);
        self::assertSame($rows->count - 8, $choice->rows);
        self::assertEqualsWithDelta(1.0, $choice->off->toInches(), 1e-6);
        foreach ([$choice->byGap, $choice->byScale] as $refit) {
            self::assertNotNull($refit);
            $anew = $rows->refitted($refit);
            // The tail edge lies an inch nearer; the overhang beyond it is what was asked for.
            self::assertEqualsWithDelta(
                $rows->along->minus(Length::inches(1))->plus($rows->overhang)->toInches(),
                $anew->end($rows->count - 1)->toInches(),
                1e-5,
            );
            self::assertSame($rows->end(7)->nanometres, $anew->end(7)->nanometres);
            $resumed = (new ResumeRule($plan))->resume($winding, new Change(3, refit: $refit));
            self::assertNotNull($resumed);
            self::assertSame($this->rows($winding), $this->rows($resumed));
            self::assertSame($refit, $resumed->rows?->refit);
        }
        self::assertEqualsWithDelta($rows->gap->toInches() - 1 / $choice->rows, $choice->byGap?->gap->toInches(), 1e-5);
        self::assertSame($rows->height->nanometres, $choice->byGap?->height->nanometres);
        self::assertLessThan(1, $choice->scale);
    }

    public function testASecondRefitGoesByTheFirst(): void
    {
        [, $winding] = $this->wound(self::ROWS);
        $rows = $winding->rows;
        self::assertNotNull($rows);
        $first = (new RefitRule())->fit($rows, 8, $rows->along->minus($rows->end(7))->minus(Length::inches(1)));
        $laid = $rows->refitted($first->byGap);
        $second = (new RefitRule())->fit($laid, 12, $rows->along->minus(Length::inches(1.5))->minus($laid->end(11)));

        self::assertEqualsWithDelta(
            $rows->along->minus(Length::inches(1.5))->plus($rows->overhang)->toInches(),
            $laid
                ->refitted($second->byGap)
                ->end($rows->count - 1)
                ->toInches(),
            1e-5,
        );
    }

    #[DataProvider('worth')]
    public function testARefitIsOfferedFromAnEighthOfGapOrAQuarterAtTheEnd(
        float $less,
        int $left,
        bool $isWorthIt,
    ): void {
        [, $winding] = $this->wound(self::ROWS);
        $rows = $winding->rows;
        self::assertNotNull($rows);
        $done = $rows->count - $left;
        $rest = $rows->along->minus($rows->end($done - 1))->minus(Length::inches($less));

        self::assertSame($isWorthIt, (new RefitRule())->fit($rows, $done, $rest)->isWorthIt);
    }

    /** @return iterable<string, array{float, int, bool}> */
    public static function worth(): iterable
    {
        yield 'as planned' => [0, 6, false];
        yield 'a quarter off at the end' => [0.25, 6, false];
        yield 'more than a quarter' => [0.2501, 6, true];
        yield 'longer than planned' => [-0.2501, 6, true];
        yield 'one row, the gap by less than an eighth' => [0.1249, 1, false];
        yield 'one row, the gap by an eighth' => [0.1251, 1, true];
    }

    public function testRowsNestSoFarAndADesignBearsSoMuch(): void
    {
        [, $winding] = $this->wound(self::ROWS);
        $rows = $winding->rows;
        self::assertNotNull($rows);
        $done = $rows->count - 4;
        $choice = static function (float $less) use ($rows, $done): RefitChoice {
            $rest = $rows->along->minus($rows->end($done - 1))->minus(Length::inches($less));

            return (new RefitRule())->fit($rows, $done, $rest);
        };

        // Four rows and their gaps take about 14.9 in: a tenth of that is what a design bears.
        $bears = 0.1 * 4 * $rows->pitch()->toInches();
        self::assertNotNull($choice($bears - 0.001)->byScale);
        self::assertNull($choice($bears + 0.001)->byScale);
        self::assertNotNull($choice(0.001 - $bears)->byScale);
        self::assertNull($choice(-0.001 - $bears)->byScale);
        self::assertNotNull($choice($bears + 0.001)->byGap);
    }

    #[DataProvider('impossible')]
    public function testARestThatCannotBeIsRefused(int $done, float $less): void
    {
        [, $winding] = $this->wound(self::ROWS);
        $rows = $winding->rows;
        self::assertNotNull($rows);
        $this->expectException(\InvalidArgumentException::class);
        (new RefitRule())->fit(
            $rows,
            $done,
            $rows->along->minus($rows->end(max(0, $done - 1)))->minus(Length::inches($less)),
        );
    }

    /** @return iterable<string, array{int, float}> */
    public static function impossible(): iterable
    {
        yield 'nothing stitched' => [0, 0];
        yield 'all stitched' => [24, 0];
        yield 'a third of it gone' => [8, 25];
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return array{Plan, Winding}
     */
    private function wound(array $job, Working $working = Working::Plain): array
    {
        $plan = Jobs::prepared($job)->kept();
        self::assertNotNull($plan);
        $winding = (new WindingRule())->of($plan, $working);
        self::assertNotNull($winding);

        return [$plan, $winding];
    }

    /** @return list<array{float, float, int|null}> */
    private function places(Winding $winding): array
    {
        return array_map(
            static fn(Wind $wind): array => [round($wind->from, 3), round($wind->to, 3), $wind->pass->rows],
            $winding->winds,
        );
    }

    private function rows(Winding $winding): int
    {
        return (int) array_sum(array_map(static fn(Wind $wind): int => $wind->pass->rows ?? 0, $winding->winds));
    }

    /** Of rows the gaps between passes are not covered by any, so what is covered is told from first to last place. */
    private function covered(Winding $winding): float
    {
        return max(array_map(static fn(Wind $wind): float => $wind->to, $winding->winds)) -
            min(array_map(static fn(Wind $wind): float => $wind->from, $winding->winds));
    }
}
