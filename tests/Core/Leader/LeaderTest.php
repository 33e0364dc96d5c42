<?php

declare(strict_types=1);

namespace Tests\Core\Leader;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Leader\LoadPosition;
use Schwung\Core\Leader\LoadPositionRule;
use Schwung\Core\Leader\NewLeader;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Leader\StationResult;
use Schwung\Core\Leader\Wear;
use Schwung\Core\Measure\Length;

#[CoversClass(LeaderCheckRule::class)]
#[CoversClass(LeaderCheck::class)]
#[CoversClass(LoadPositionRule::class)]
#[CoversClass(Wear::class)]
#[CoversClass(NewLeader::class)]
final class LeaderTest extends TestCase
{
    use TestTrait;

    /** The worked example for rule 15. */
    public function testACrookedLeaderIsMeasured(): void
    {
        $check = (new LeaderCheckRule())->check(
            self::readings([-50, 1.75], [-25, 1.875], [0, 2.125], [25, 2], [50, 1.8125]),
            Length::inches(24),
        );

        self::assertSame(LeaderVerdict::ReHem, $check->verdict);
        self::assertEqualsWithDelta(0.375, $check->range->length()->toInches(), 1e-6);
        self::assertEqualsWithDelta(2.54, $check->tilt->length()->toMillimetres(), 1e-4);
        self::assertEqualsWithDelta(8.731, $check->bow->length()->toMillimetres(), 1e-3);
        self::assertEqualsWithDelta(
            [0, 0.125, 0.375, 0.25, 0.0625],
            array_map(static fn(StationResult $s): float => $s->cut->length()->toInches(), $check->stations),
            1e-6,
        );
        self::assertEqualsWithDelta(
            [0, 26.941, 46.663, 38.1, 19.05],
            array_map(static fn(StationResult $s): float => $s->dip->length()->toMillimetres(), $check->stations),
            1e-3,
        );
    }

    #[DataProvider('ranges')]
    public function testTheVerdictFollowsTheRange(float $range, LeaderVerdict $verdict): void
    {
        self::assertSame(
            $verdict,
            (new LeaderCheckRule())->check(self::readings([-40, 1], [0, 1 + $range], [40, 1]), Length::inches(24))
                ->verdict,
        );
    }

    /** @return iterable<string, array{float, LeaderVerdict}> */
    public static function ranges(): iterable
    {
        yield 'straight' => [0, LeaderVerdict::Good];
        yield 'an eighth' => [0.125, LeaderVerdict::Good];
        yield 'a little more' => [0.1875, LeaderVerdict::Watch];
        yield 'a quarter' => [0.25, LeaderVerdict::Watch];
        yield 'more than a quarter' => [0.3125, LeaderVerdict::ReHem];
    }

    public function testTooFewReadingsOrTwoAtOnePlaceAreRefused(): void
    {
        foreach (
            [
                self::readings([-40, 1], [40, 1]),
                self::readings([-40, 1], [0, 1], [0, 2]),
                self::readings([40, 1], [0, 1], [-40, 2]),
            ]
            as $readings
        ) {
            try {
                (new LeaderCheckRule())->check($readings, Length::inches(24));
                self::fail('refused');
            } catch (\InvalidArgumentException $exception) {
                self::assertMatchesRegularExpression(
                    '/at least three readings|in order from left to right/',
                    $exception->getMessage(),
                );
            }
        }
    }

    public function testCutsAreNeverNegativeAndOneIsNone(): void
    {
        $this->forAll(Generators::seq(Generators::choose(0, 64)))->then(static function (array $distances): void {
            $distances = [16, 18, 20, ...$distances];
            $readings = array_map(
                static fn(int $i, mixed $sixteenths): Reading => new Reading(
                    Length::inches(10 * $i),
                    Length::inches((\is_int($sixteenths) ? $sixteenths : 0) / 16),
                ),
                array_keys($distances),
                $distances,
            );
            $cuts = array_map(
                static fn(StationResult $station): int => $station->cut->length()->nanometres,
                (new LeaderCheckRule())->check($readings, Length::inches(24))->stations,
            );
            self::assertSame(0, min(\PHP_INT_MAX, ...$cuts));
        });
    }

    /** The worked example: 70 in on a leader of 118 in. */
    public function testTheNextLoadHangsWhereTheLeaderIsLeastWorn(): void
    {
        $loads = [self::load(0, 72), self::load(0, 66), self::load(-12, 60)];
        $positions = (new LoadPositionRule(Length::inches(12)))->positions(
            $loads,
            Length::inches(70),
            Length::inches(118),
        );

        self::assertSame(
            [12.0, -12.0, 0.0],
            array_map(static fn(LoadPosition $position): float => $position->at->toInches(), $positions),
        );
        self::assertSame([3, 3, 3], array_map(static fn(LoadPosition $position): int => $position->peak, $positions));
        self::assertEqualsWithDelta(
            [2.2286, 2.5, 2.7],
            array_map(static fn(LoadPosition $position): float => $position->mean, $positions),
            1e-4,
        );
    }

    public function testWithoutWearTheCentreComesFirstAndTheEdgeStaysOnTheLeader(): void
    {
        $rule = new LoadPositionRule(Length::inches(12));
        self::assertSame(0.0, $rule->positions([], Length::inches(70), Length::inches(118))[0]->at->toInches());
        self::assertSame(
            [0.0, -4.0, 4.0],
            array_map(
                static fn(LoadPosition $position): float => $position->at->toInches(),
                $rule->positions([], Length::inches(110), Length::inches(118)),
            ),
        );
        self::assertCount(1, $rule->positions([], Length::inches(118), Length::inches(118)));
    }

    public function testWearCountsTheLoadsOnEachPart(): void
    {
        $wear = Wear::of([self::load(0, 40), self::load(10, 40)]);

        self::assertSame(
            [[-20.0, -10.0, 1], [-10.0, 20.0, 2], [20.0, 30.0, 1]],
            array_map(
                static fn(array $step): array => [$step[0]->toInches(), $step[1]->toInches(), $step[2]],
                $wear->steps,
            ),
        );
        self::assertSame(2, $wear->peak());
        self::assertSame(0, Wear::of([])->peak());
    }

    public function testANewLeaderIsCutWithItsCasingAndShrinkage(): void
    {
        $in = Length::inches(...);
        $frame = \Tests\Core\Frames::bare();
        $leader = new NewLeader($frame, true, true);

        self::assertEqualsWithDelta(42.6675, $leader->cutLength($in(30))->length()->toInches(), 1e-4);
        self::assertEqualsWithDelta(128.75, $leader->cutWidth()->length()->toInches(), 1e-6);
        self::assertCount(25, $leader->ticks());
        self::assertEqualsWithDelta(
            30 + 9.4248 + 1 + 0.25,
            (new NewLeader($frame, false, false))->cutLength($in(30))->length()->toInches(),
            1e-4,
        );
    }

    /**
     * @param array{float, float} ...$pairs
     *
     * @return list<Reading>
     */
    private static function readings(array ...$pairs): array
    {
        return array_values(
            array_map(
                static fn(array $pair): Reading => new Reading(Length::inches($pair[0]), Length::inches($pair[1])),
                $pairs,
            ),
        );
    }

    private static function load(float $at, float $edge): PastLoad
    {
        return new PastLoad(Length::inches($at), Length::inches($edge));
    }
}
