<?php

declare(strict_types=1);

namespace Tests\Core\Attachment;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\ClipBounds;
use Schwung\Core\Attachment\ClipSharing;
use Schwung\Core\Attachment\Edge;
use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Attachment\HoldingRule;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Attachment\SpringClampPlanner;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;
use Tests\Core\Frames;
use Tests\Core\Jobs;

/** Lead, tail and the top held out of one stock, whose edge is worked in, and clamps that sit on a pole. */
#[CoversClass(HoldingRule::class)]
#[CoversClass(HeldEnds::class)]
#[CoversClass(ClipSharing::class)]
#[CoversClass(ClipBounds::class)]
#[CoversClass(LoadedEdges::class)]
#[CoversClass(SpringClampPlanner::class)]
final class HoldingTest extends TestCase
{
    use TestTrait;

    /**
     * @param array<int, int>                  $stock counts by length in inches
     * @param array{list<float>, list<float>}   $held  lengths at lead and tail
     */
    #[DataProvider('stocks')]
    public function testClipsAreSharedSoThatAllIsHeldIfItCanBe(array $stock, array $held, ?float $missing): void
    {
        $ends = self::held(
            new Load(lead: HoldingSystem::ChannelClips, tail: HoldingSystem::ChannelClips),
            Frames::stock(HoldingSystem::ChannelClips, $stock),
        );

        self::assertSame($held, [self::lengths($ends->lead), self::lengths($ends->tail)]);
        self::assertSame($missing, $ends->tail?->missing?->length()->toInches());
    }

    /**
     * @return iterable<string, array{array<int, int>, array{list<float>, list<float>}, float|null}> 69 in of cloth: 77
     * in are wanted, 71 in are the least
     */
    public static function stocks(): iterable
    {
        yield 'three where four are needed' => [[36 => 3], [[36.0, 36.0, 36.0], []], 71.0];
        yield 'four' => [[36 => 4], [[36.0, 36.0], [36.0, 36.0]], null];
        // Alone the lead would take all three long ones, and leave the tail with nothing that reaches.
        yield 'the lead gives up what the tail needs' => [
            [36 => 3, 12 => 4],
            [[36.0, 12.0, 12.0, 12.0], [36.0, 36.0, 12.0]],
            null,
        ];
        yield 'none that reaches' => [[12 => 3], [[], []], 35.0];
    }

    public function testWhatOneEndHasOfItsOwnIsNotShared(): void
    {
        $own = new HoldHabit(stock: [new StockPiece(Length::inches(40), 2)]);
        $ends = self::held(
            new Load(lead: HoldingSystem::ChannelClips, tail: HoldingSystem::ChannelClips, tailHabit: $own),
            Frames::stock(HoldingSystem::ChannelClips, [36 => 2]),
        );

        self::assertSame([[36.0, 36.0], [40.0, 40.0]], [self::lengths($ends->lead), self::lengths($ends->tail)]);
    }

    public function testEveryEdgeTakesAZipOfItsOwnAndTheTopTheShorter(): void
    {
        $load = new Load(
            float: FloatKind::Part,
            lead: HoldingSystem::Zip,
            tail: HoldingSystem::Zip,
            top: HoldingSystem::Zip,
        );
        $enough = self::held($load, Frames::stock(HoldingSystem::Zip, [62 => 1, 70 => 2]));
        $few = self::held($load, Frames::stock(HoldingSystem::Zip, [70 => 2]));

        self::assertSame(
            [null, null, null],
            [$enough->lead?->missing, $enough->tail?->missing, $enough->top?->missing],
        );
        self::assertSame('No zip is left for this edge.', $few->top?->missing?->rule);
        self::assertSame([null, null], [$few->lead?->missing, $few->tail?->missing]);
    }

    public function testCountedPiecesGoRoundInTheOrderOfTheWork(): void
    {
        $load = new Load(float: FloatKind::Part);
        $pins = self::held($load, new Stock())->lead?->count() ?? 0;
        $ends = self::held($load, (new Stock())->withCounts(['pins' => 2 * $pins + 3]));

        self::assertSame([null, null], [$ends->lead?->missing, $ends->tail?->missing]);
        self::assertNotNull($ends->top?->missing);
        self::assertSame($ends->count(), 2 * $pins + $ends->top->count());
    }

    public function testTheTopIsHeldOnlyWhereItHasARollerAndDoesNotFloat(): void
    {
        self::assertArrayNotHasKey('top', self::held(new Load(), new Stock())->byEdge());
        self::assertArrayHasKey('top', self::held(new Load(float: FloatKind::Part), new Stock())->byEdge());
        self::assertArrayNotHasKey(
            'top',
            self::held(new Load(float: FloatKind::Part), new Stock(), FrameKind::RollerFrontBacking)->byEdge(),
        );
    }

    public function testOnlyThePinsThatGoThroughTheTopsFullEdgeStandCloser(): void
    {
        [$w, $l] = [Length::inches(60), Length::inches(76)];
        $full = new Top($w->plus(Length::inches(0.5)), $w, $w->plus(Length::inches(0.6)), $l, $l, $l);
        $spacing = static fn(FloatKind $float): array => array_map(
            static fn(?Attachment $held): ?float => null === $held
                ? null
                : round($held->spacing?->length()->toInches() ?? 0, 2),
            self::held(new Load(float: $float), new Stock(), top: $full)->byEdge(),
        );

        self::assertSame(['lead' => 3.81, 'tail' => 3.81], $spacing(FloatKind::Full));
        self::assertSame(['lead' => 3.81, 'tail' => 3.81, 'top' => 1.88], $spacing(FloatKind::Part));
        self::assertSame(['lead' => 1.9, 'tail' => 3.81, 'top' => 1.88], $spacing(FloatKind::None));
    }

    /** @param list<float> $places */
    #[DataProvider('poles')]
    public function testSpringClampsSitOnThePole(float $edge, float $pole, array $places): void
    {
        $held = new Edge(
            new Worked(Figure::measured(Length::inches($edge)), 'as it is', []),
            End::Lead,
            null,
            Length::zero(),
            pole: Length::inches($pole),
        );
        $attachment = (new AttachmentRule())->plan(HoldingSystem::SpringClamps, new HoldHabit(), $held);

        self::assertSame(
            $places,
            array_map(static fn($piece): float => round($piece->centre()->toInches(), 3), $attachment->pieces ?? []),
        );
        // Where the pole bounds it, the working says what of the pole is not used.
        self::assertNotNull($attachment);
        $terms = array_column($attachment->edge->terms, 'amount', 'name');
        self::assertSame($edge > $pole - 2, isset($terms['free at its ends']));
        if ([] !== $terms) {
            self::assertEqualsWithDelta(
                $attachment->edge->length()->toInches(),
                $terms['pole']->length->toInches() - $terms['free at its ends']->length->toInches(),
                0.001,
            );
        }
    }

    /** @return iterable<string, array{float, float, list<float>}> */
    public static function poles(): iterable
    {
        yield 'a little wider than the pole' => [70, 66, [-32.0, -16.0, 0.0, 16.0, 32.0]];
        yield 'far wider' => [100, 54, [-26.0, -13.0, 0.0, 13.0, 26.0]];
        yield 'narrower' => [40, 66, [-20.0, -6.667, 6.667, 20.0]];
        yield 'just as wide as clamps may sit' => [64, 66, [-32.0, -16.0, 0.0, 16.0, 32.0]];
    }

    public function testNoSharingHoldsMoreEdgesWithFewerPiecesThanTryingEverything(): void
    {
        $this->limitTo(40)
            ->forAll(
                Generators::choose(0, 3),
                Generators::choose(0, 3),
                Generators::choose(0, 4),
                Generators::choose(60, 100),
                Generators::choose(60, 100),
            )
            ->then(static function (int $long, int $middle, int $short, int $one, int $other): void {
                $stock = array_values(
                    array_filter(
                        [[36, $long], [24, $middle], [12, $short]],
                        static fn(array $kind): bool => $kind[1] > 0,
                    ),
                );
                $edges = ['lead' => self::edge($one), 'tail' => self::edge($other)];
                $runs = (new ClipSharing())->runs(
                    array_map(
                        static fn(array $kind): StockPiece => new StockPiece(Length::inches($kind[0]), $kind[1]),
                        $stock,
                    ),
                    $edges,
                );
                $pieces = array_sum(
                    array_map(
                        static fn(array $run): int => array_sum(
                            array_map(static fn(StockPiece $piece): int => $piece->count, $run),
                        ),
                        $runs,
                    ),
                );

                self::assertSame(self::mostByTrying([$long, $middle, $short], $one, $other), \count($runs));
                foreach ($runs as $name => $run) {
                    $total = array_sum(
                        array_map(
                            static fn(StockPiece $piece): float => $piece->count * $piece->length->toInches(),
                            $run,
                        ),
                    );
                    self::assertGreaterThanOrEqual(('lead' === $name ? $one : $other) + 2, $total);
                    self::assertLessThanOrEqual(118, $total);
                }
                self::assertLessThanOrEqual($long + $middle + $short, $pieces);
            });
    }

    /** @param array{int, int, int} $counts of 36, 24 and 12 in */
    private static function mostByTrying(array $counts, int $one, int $other): int
    {
        $most = 0;
        for ($a = 0; $a <= $counts[0]; ++$a) {
            for ($b = 0; $b <= $counts[1]; ++$b) {
                for ($c = 0; $c <= $counts[2]; ++$c) {
                    $lead = 36 * $a + 24 * $b + 12 * $c;
                    $isHeld = $lead >= $one + 2 && $lead <= 118;
                    $most = max(
                        $most,
                        (int) $isHeld +
                            (int) self::reaches([$counts[0] - $a, $counts[1] - $b, $counts[2] - $c], $other),
                    );
                }
            }
        }

        return $most;
    }

    /** @param array{int, int, int} $counts */
    private static function reaches(array $counts, int $edge): bool
    {
        for ($a = 0; $a <= $counts[0]; ++$a) {
            for ($b = 0; $b <= $counts[1]; ++$b) {
                for ($c = 0; $c <= $counts[2]; ++$c) {
                    $run = 36 * $a + 24 * $b + 12 * $c;
                    if ($run >= $edge + 2 && $run <= 118) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private static function edge(float $inches): Edge
    {
        return new Edge(
            new Worked(Figure::measured(Length::inches($inches)), 'as it is', []),
            End::Tail,
            Length::inches(118),
            Length::zero(),
        );
    }

    private static function held(
        Load $load,
        Stock $stock,
        FrameKind $kind = FrameKind::Roller,
        ?Top $top = null,
    ): HeldEnds {
        $frame = Frames::of($kind, stock: $stock);
        $job = new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: $top ?? Jobs::top(60, 76),
            backing: Jobs::backing(69, 84),
            batting: null,
            frame: $frame,
            load: $load->withDirection(\Schwung\Core\Job\DirectionWish::AsIs),
        );

        return (new Planner(new Practice()))->plan($job)->held;
    }

    /** @return list<float> */
    private static function lengths(?Attachment $attachment): array
    {
        $lengths = array_map(static fn($piece): float => $piece->length()->toInches(), $attachment->pieces ?? []);
        rsort($lengths);

        return $lengths;
    }
}
