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
use Schwung\Core\Attachment\ClipChoice;
use Schwung\Core\Attachment\Edge;
use Schwung\Core\Attachment\Piece;
use Schwung\Core\Attachment\PinPlanner;
use Schwung\Core\Attachment\PlacingOrder;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;

#[CoversClass(AttachmentRule::class)]
#[CoversClass(PinPlanner::class)]
#[CoversClass(Attachment::class)]
#[CoversClass(ClipChoice::class)]
#[CoversClass(PlacingOrder::class)]
final class AttachmentTest extends TestCase
{
    use TestTrait;

    /** The pin table of the worked example for rule 14, edge of 78 in. */
    #[DataProvider('pins')]
    public function testPins(
        PinSchool $school,
        End $end,
        bool $workedIn,
        int $count,
        float $spacing,
        float $minutes,
    ): void {
        $attachment = self::plan(HoldingSystem::Pins, self::edge(78, $end, $workedIn), new HoldHabit($school));

        self::assertSame($count, $attachment->count());
        self::assertEqualsWithDelta($spacing, $attachment->spacing?->length()->toInches(), 1e-4);
        self::assertEqualsWithDelta($minutes, $attachment->minutes(), 0.005);
        self::assertEqualsWithDelta(38.75, $attachment->pieces[$count - 1]->centre()->toInches(), 1e-6);
        $wanted = array_column($attachment->spacing->terms ?? [], 'source', 'name')['wanted'];
        $closer = ', twice as close because the edge is worked in';
        self::assertSame($school->words() . ($workedIn ? $closer : ''), $wanted);
    }

    /** @return iterable<string, array{PinSchool, End, bool, int, float, float}> */
    public static function pins(): iterable
    {
        yield 'end to end' => [PinSchool::EndToEnd, End::Lead, false, 41, 1.9375, 2.73];
        yield 'a hand apart' => [PinSchool::Hand, End::Lead, false, 21, 3.875, 1.4];
        yield 'worked in' => [PinSchool::Hand, End::Lead, true, 41, 1.9375, 2.73];
        yield 'wide' => [PinSchool::Wide, End::Lead, false, 15, 5.5357, 1.0];
        yield 'closer on the pull, lead' => [PinSchool::CloserOnPull, End::Lead, false, 21, 3.875, 1.4];
        yield 'closer on the pull, tail' => [PinSchool::CloserOnPull, End::Tail, false, 27, 2.9808, 1.8];
        yield 'ticks' => [PinSchool::Ticks, End::Lead, false, 17, 5, 1.13];
        yield 'ticks, worked in' => [PinSchool::Ticks, End::Lead, true, 33, 2.5, 2.2];
    }

    public function testTicksTooNearAnEndAreLeftOut(): void
    {
        self::assertSame(17, self::plan(HoldingSystem::Pins, self::edge(81), new HoldHabit(PinSchool::Ticks))->count());
        self::assertSame(
            19,
            self::plan(HoldingSystem::Pins, self::edge(82.5), new HoldHabit(PinSchool::Ticks))->count(),
        );
    }

    /**
     * The clip table of the worked example: 3 × 36 in and 4 × 12 in on a leader of 118 in.
     *
     * @param list<float>|null $pieces
     * @param list<float>      $joints
     */
    #[DataProvider('clips')]
    public function testClips(float $edge, ?array $pieces, array $joints): void
    {
        $attachment = self::plan(HoldingSystem::ChannelClips, self::edge($edge), self::stock([36, 3], [12, 4]));

        self::assertSame(
            $pieces ?? [],
            array_map(static fn(Piece $piece): float => $piece->length()->toInches(), $attachment->pieces),
        );
        self::assertSame(
            $joints,
            array_map(static fn(Length $joint): float => $joint->toInches(), $attachment->joints()),
        );
        self::assertSame(null === $pieces, null !== $attachment->missing);
    }

    /** @return iterable<string, array{float, list<float>|null, list<float>}> */
    public static function clips(): iterable
    {
        yield '66 in' => [66, [36.0, 12.0, 36.0], [-6.0, 6.0]];
        yield '70 in' => [70, [36.0, 12.0, 36.0], [-6.0, 6.0]];
        yield '78 in' => [78, [36.0, 36.0, 36.0], [-18.0, 18.0]];
        yield '100 in' => [100, [36.0, 36.0, 36.0], [-18.0, 18.0]];
        yield '108 in, none reaches' => [108, null, []];
        yield '117 in, none reaches' => [117, null, []];
    }

    public function testBelowTheWantedCoverTheLongestRunIsTaken(): void
    {
        $attachment = self::plan(HoldingSystem::ChannelClips, self::edge(98), self::stock([51, 2], [35, 3]));

        self::assertSame(
            [35.0, 35.0, 35.0],
            array_map(static fn(Piece $piece): float => $piece->length()->toInches(), $attachment->pieces),
        );
    }

    public function testClipsThatDoNotReachSayHowMuchIsMissing(): void
    {
        $missing = self::plan(HoldingSystem::ChannelClips, self::edge(98), self::stock([36, 2], [18, 1]))->missing;

        self::assertSame(10.0, $missing?->length()->toInches());
    }

    /** @param list<array{float, int}> $stock lengths with their counts */
    #[DataProvider('waysOut')]
    public function testClipsThatDoNotReachSayHowManyMoreWould(float $edge, array $stock, string $wayOut): void
    {
        $notes = self::plan(HoldingSystem::ChannelClips, self::edge($edge), self::stock(...$stock))->notes;

        self::assertSame(
            ["$wayOut."],
            array_map(
                static fn(Phrase $note): string => $note->writtenBy(new LengthWriter(UnitSystem::Inches)),
                $notes,
            ),
        );
    }

    /** @return iterable<string, array{float, list<array{float, int}>, string}> */
    public static function waysOut(): iterable
    {
        $other = 'or take another hold at this end';
        yield 'the shortest that closes the gap' => [
            98,
            [[36, 2], [18, 1], [24, 0]],
            "With 1 more clip of 18 in it would be held; $other",
        ];
        yield 'several of one length' => [98, [[12, 3]], "With 6 more clips of 12 in it would be held; $other"];
        yield 'one that closes the gap would be too long' => [
            114,
            [[36, 2], [15, 1]],
            "With 2 more clips of 15 in it would be held; $other",
        ];
        yield 'some of each length' => [
            115,
            [[41, 0], [19, 1]],
            "With 1 more clip of 41 in and 3 more clips of 19 in it would be held; $other",
        ];
        $after = ', the width of the leader: take another hold at this end, or clips of another length';
        yield 'none within the leader' => [
            108,
            [[36, 3], [12, 4]],
            'No number of these clips makes a run of 110 in to 118 in' . $after,
        ];
        yield 'none that is as wide as the leader' => [
            116,
            [[36, 3], [12, 6]],
            'No number of these clips makes a run of just 118 in' . $after,
        ];
    }

    public function testUnknownClipsAreNotGuessed(): void
    {
        self::assertNull((new AttachmentRule())->plan(HoldingSystem::ChannelClips, new HoldHabit(), self::edge(78)));
    }

    public function testDowelClampsAreSpreadOverTheEdge(): void
    {
        $attachment = self::plan(HoldingSystem::DowelClamps, self::edge(78));

        self::assertSame(18, $attachment->count());
        self::assertEqualsWithDelta(0.3529, self::longestGap($attachment)->toInches(), 1e-4);
        self::assertEqualsWithDelta(-39, $attachment->pieces[0]->from->toInches(), 1e-6);
    }

    public function testMagnetsHalveTheWidestGap(): void
    {
        $attachment = self::plan(HoldingSystem::Magnets, self::edge(78));

        self::assertSame(21, $attachment->count());
        self::assertEqualsWithDelta(3.9, $attachment->spacing?->length()->toInches(), 1e-6);
        self::assertSame(
            [0.0, -39.0, 39.0, -19.5, 19.5, -31.2],
            array_map(
                static fn(Piece $piece): float => round($piece->centre()->toInches(), 6),
                \array_slice($attachment->inOrder(), 0, 6),
            ),
        );
        self::assertSame(
            15,
            self::plan(HoldingSystem::Magnets, self::edge(78), new HoldHabit(PinSchool::Wide))->count(),
        );
    }

    public function testSpringClampsBeginAtTheEnds(): void
    {
        $attachment = self::plan(HoldingSystem::SpringClamps, self::edge(78));

        self::assertSame(6, $attachment->count());
        self::assertSame(
            [-39.0, 39.0],
            array_map(
                static fn(Piece $piece): float => $piece->centre()->toInches(),
                \array_slice($attachment->inOrder(), 0, 2),
            ),
        );
        self::assertSame(3, self::plan(HoldingSystem::SpringClamps, self::edge(20))->count());
    }

    public function testAZipIsOnePieceAndItsPinsAreSetOffTheFrame(): void
    {
        $attachment = self::plan(HoldingSystem::Zip, self::edge(78));

        self::assertSame([1, 21, 25.0], [$attachment->count(), \count($attachment->pinned), $attachment->seconds]);
        self::assertSame(1, self::plan(HoldingSystem::HookAndLoop, self::edge(78))->count());
    }

    public function testTooFewClampsAreSaid(): void
    {
        self::assertStringContainsString(
            'There are 4, 6 are wanted.',
            (string) self::plan(HoldingSystem::SpringClamps, self::edge(78), self::stock([2, 4]))->missing?->rule,
        );
        self::assertNull(self::plan(HoldingSystem::SpringClamps, self::edge(78), self::stock([2, 6]))->missing);
    }

    public function testTheHandDecidesWhichSideComesFirst(): void
    {
        $second = static fn(Hand $hand): float => self::plan(HoldingSystem::Pins, self::edge(78, hand: $hand))
            ->inOrder()[1]
            ->centre()
            ->toInches();

        self::assertSame([3.875, -3.875], [$second(Hand::Right), $second(Hand::Left)]);
    }

    public function testEverythingMovesWithTheLoadPosition(): void
    {
        foreach (HoldingSystem::cases() as $system) {
            $attachment = self::plan($system, self::edge(60, at: 12), self::stock([36, 2], [12, 60]));
            $middle =
                ($attachment->pieces[0]->from->toInches() +
                    $attachment->pieces[$attachment->count() - 1]->to->toInches()) /
                2;
            self::assertEqualsWithDelta(12, $middle, 1e-6, $system->value);
        }
    }

    public function testARunOfClipsStaysOnTheLeader(): void
    {
        $attachment = self::plan(HoldingSystem::ChannelClips, self::edge(78, at: 12), self::stock([36, 3]));

        self::assertSame(
            [-49.0, 59.0],
            [$attachment->pieces[0]->from->toInches(), $attachment->pieces[2]->to->toInches()],
        );
    }

    public function testPlacesAreSymmetricWithinTheEdgeAndNoGapIsWiderThanAsked(): void
    {
        $this->forAll(
            Generators::choose(160, 940),
            Generators::elements(...PinSchool::cases()),
            Generators::elements(
                HoldingSystem::Pins,
                HoldingSystem::Magnets,
                HoldingSystem::SpringClamps,
                HoldingSystem::DowelClamps,
            ),
        )->then(static function (int $eighths, PinSchool $school, HoldingSystem $system): void {
            $edge = self::edge($eighths / 8, End::Tail);
            $attachment = self::plan($system, $edge, new HoldHabit($school));
            $centres = array_map(static fn(Piece $piece): int => $piece->centre()->nanometres, $attachment->pieces);
            self::assertSame(
                range(1, $attachment->count()),
                (static function (array $orders): array {
                    sort($orders);

                    return $orders;
                })(array_map(static fn(Piece $piece): int => $piece->order, $attachment->pieces)),
            );
            foreach ($centres as $i => $centre) {
                self::assertEqualsWithDelta(-$centre, $centres[\count($centres) - 1 - $i], 2);
                self::assertLessThanOrEqual($edge->half()->nanometres + Length::inches(2)->nanometres, abs($centre));
            }
            $most = match ($system) {
                HoldingSystem::Magnets => 6,
                HoldingSystem::SpringClamps => 16,
                HoldingSystem::DowelClamps => 0.5,
                default => (new PinPlanner(new Practice()))->wantedSpacing($school, $edge)->toInches() +
                    (PinSchool::Ticks === $school ? 1 : 0),
            };
            self::assertLessThanOrEqual($most + 1e-6, self::longestGap($attachment)->toInches());
        });
    }

    public function testClipsCoverAndNeverExceedTheLeader(): void
    {
        $this->forAll(
            Generators::choose(160, 940),
            Generators::choose(40, 400),
            Generators::choose(1, 4),
            Generators::choose(40, 400),
            Generators::choose(0, 5),
        )->then(static function (int $eighths, int $one, int $ones, int $other, int $others): void {
            $stock = [
                new StockPiece(Length::inches($one / 8), $ones),
                ...$others > 0 ? [new StockPiece(Length::inches($other / 8), $others)] : [],
            ];
            $attachment = self::plan(
                HoldingSystem::ChannelClips,
                self::edge($eighths / 8),
                new HoldHabit(stock: $stock),
            );
            if (null !== $attachment->missing) {
                self::assertTrue($attachment->missing->length()->isPositive());
                self::assertSame([], $attachment->pieces);

                return;
            }
            $run = array_sum(
                array_map(static fn(Piece $piece): float => $piece->length()->toInches(), $attachment->pieces),
            );
            self::assertLessThanOrEqual(118, $run);
            self::assertGreaterThanOrEqual(min($eighths / 8 + 2, 118), $run);
            self::assertSame(0, self::longestGap($attachment)->nanometres);
        });
    }

    /** The slow way: every bag of clips there is. */
    public function testTheClipsChosenAreTheBestThereAre(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(200, 800), Generators::seq(Generators::choose(60, 420)))
            ->then(static function (int $eighths, array $lengths): void {
                $lengths = \array_slice(
                    array_values(array_map(static fn(mixed $length): int => \is_int($length) ? $length : 60, $lengths)),
                    0,
                    6,
                );
                $stock = array_map(
                    static fn(int $length): StockPiece => new StockPiece(Length::inches($length / 8), 1),
                    $lengths,
                );
                $run = (new ClipChoice())->choose(
                    $stock,
                    Length::inches($eighths / 8 + 8),
                    Length::inches($eighths / 8 + 2),
                    Length::inches(118),
                );
                $best = null;
                for ($bag = 1; $bag < 2 ** \count($lengths); ++$bag) {
                    $chosen = array_filter(
                        $lengths,
                        static fn(int $i): bool => 0 !== ($bag & (1 << $i)),
                        \ARRAY_FILTER_USE_KEY,
                    );
                    $total = array_sum($chosen);
                    if ($total > 944 || $total < $eighths + 16) {
                        continue;
                    }
                    $rank = $total >= $eighths + 64 ? [0, \count($chosen), $total] : [1, -$total, \count($chosen)];
                    $best = null === $best || $rank < $best ? $rank : $best;
                }
                $total =
                    null === $run
                        ? null
                        : (int) array_sum(array_map(static fn(Length $length): float => $length->toInches() * 8, $run));
                self::assertSame(null === $best ? null : abs(0 === $best[0] ? $best[2] : $best[1]), $total);
            });
    }

    private static function longestGap(Attachment $attachment): Length
    {
        $longest = Length::zero();
        foreach (\array_slice($attachment->pieces, 1) as $i => $piece) {
            $longest = Length::longest($longest, $piece->from->minus($attachment->pieces[$i]->to));
        }

        return $longest;
    }

    private static function plan(HoldingSystem $system, Edge $edge, HoldHabit $habit = new HoldHabit()): Attachment
    {
        $attachment = (new AttachmentRule())->plan($system, $habit, $edge);
        self::assertNotNull($attachment);

        return $attachment;
    }

    private static function edge(
        float $inches,
        End $end = End::Lead,
        bool $workedIn = false,
        Hand $hand = Hand::Right,
        float $at = 0,
    ): Edge {
        return new Edge(
            new Worked(Figure::measured(Length::inches($inches)), 'as it is', []),
            $end,
            Length::inches(118),
            Length::inches($at),
            $workedIn,
            $hand,
        );
    }

    /** @param array{float, int} ...$pieces */
    private static function stock(array ...$pieces): HoldHabit
    {
        return new HoldHabit(
            stock: array_values(
                array_map(
                    static fn(array $piece): StockPiece => new StockPiece(Length::inches($piece[0]), $piece[1]),
                    $pieces,
                ),
            ),
        );
    }
}
