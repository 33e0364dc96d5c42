<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Learning\RollState;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\RollRead;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Tests\Core\Loading\Loads;

/** What a roll that was read says of the passes that are left; it was planned with 2.65 mm. */
#[CoversClass(RollRead::class)]
final class RollReadTest extends TestCase
{
    /**
     * @param list<array{float, float}> $read what is wound on and how thick it winds, in millimetres
     */
    #[DataProvider('rolls')]
    public function testItSaysWhatTheRollShows(
        array $read,
        int $pass,
        RollState $state,
        string $sentence,
        ?int $passes,
    ): void {
        $roll = $this->roll($read, $pass);

        self::assertSame($state, $roll->learnt->state);
        self::assertSame($sentence, self::text($roll->sentence()));
        self::assertSame($passes, $roll->anew?->count());
        self::assertSame([], $roll->faults);
        self::assertNull($roll->faultOf('r-0'));
        self::assertCount(\count($read), $roll->readings);
        self::assertEqualsWithDelta(2.65, $roll->planned->toMillimetres(), 1e-6);
    }

    /** @return iterable<string, array{list<array{float, float}>, int, RollState, string, int|null}> */
    public static function rolls(): iterable
    {
        yield 'nothing' => [[], 1, RollState::TooFew, 'Nothing was read of the roll yet.', null];
        yield 'one reading' => [
            [[450, 4.0]],
            3,
            RollState::TooFew,
            'One reading. A second one at a later pass tells how thick it winds.',
            null,
        ];
        yield 'as planned' => [
            [[450, 2.65], [900, 2.65]],
            5,
            RollState::AsPlanned,
            'The roll grows as planned: go on.',
            null,
        ];
        yield 'thicker' => [
            [[225, 3.4], [451, 3.4]],
            3,
            RollState::Thicker,
            'As many passes, the last with 12 ⅞ in to stitch in.',
            10,
        ];
        yield 'thinner' => [
            [[225, 1.2], [451, 1.2]],
            3,
            RollState::Thinner,
            'As many passes, the last with 13 ½ in to stitch in.',
            10,
        ];
    }

    #[DataProvider('shallow')]
    public function testTheShallowerTheMachineTheMoreARollCosts(
        string $style,
        string $throat,
        float $thickness,
        string $sentence,
    ): void {
        $roll = $this->roll([[225, $thickness], [451, $thickness]], 2, [
            'frame/throat' => $throat,
            ...'blocks' === $style ? ['quilting' => ['style' => 'blocks', 'directional' => false]] : [],
        ]);

        self::assertSame($sentence, self::text($roll->sentence()));
    }

    /** @return iterable<string, array{string, string, float, string}> */
    public static function shallow(): iterable
    {
        yield 'thinner' => ['blocks', '12 in', 0.5, 'One pass fewer, the last with 5 ¾ in to stitch in.'];
        yield 'thicker' => ['blocks', '12 in', 4.0, 'One pass more, the last with 4 ¾ in to stitch in.'];
        yield 'twice as thick' => ['blocks', '12 in', 8.0, 'Three passes more, the last with 4 in to stitch in.'];
        yield 'six more' => ['blocks', '15 in', 40.0, 'Six passes more, the last with 3 ⅜ in to stitch in.'];
        yield 'more than there are words for' => [
            'blocks',
            '12 in',
            20.0,
            '9 passes more, the last with 2 ¼ in to stitch in.',
        ];
        yield 'rows that fit no more' => [
            'rows',
            '14 in',
            4.0,
            'The roll grows thicker than planned: what is left does not fit so. Fewer rows, or turn it round.',
        ];
    }

    public function testAReadingThatCannotBeCountsNoMoreAndIsToldWhy(): void
    {
        $setup = Loads::setup();
        $roll = RollRead::of(
            $setup,
            $this->journal([self::entry('bare', 1, 0.0, 200.0), self::entry('good', 2, 450.0, self::round(450, 2.65))]),
            2,
        );

        self::assertSame(['bare'], array_keys($roll->faults));
        self::assertStringStartsWith('Nothing is wound on yet', self::text($roll->faultOf('bare') ?? Phrase::of('')));
        self::assertNull($roll->faultOf('good'));
        self::assertCount(1, $roll->readings);
    }

    public function testReadingsThatContradictEachOtherTeachNothing(): void
    {
        $roll = RollRead::of(
            Loads::setup(),
            $this->journal([self::entry('a', 1, 400.0, 260.0), self::entry('b', 2, 900.0, 200.0)]),
            2,
        );

        self::assertNotNull($roll->contradiction);
        self::assertSame(RollState::TooFew, $roll->learnt->state);
        self::assertNull($roll->learnt->thickness);
        self::assertNull($roll->anew);
        self::assertStringEndsWith('one of them is misread.', self::text($roll->sentence()));
        self::assertSame($roll->contradiction, $roll->faultOf('a'));
    }

    public function testATapeIsExpectedToSayTheRoundOfTheRoll(): void
    {
        self::assertEqualsWithDelta(
            2 * \M_PI * 34.399791,
            RollRead::expected(Loads::setup()->winding, Length::millimetres(500))->length->toMillimetres(),
            1e-4,
        );
    }

    /**
     * @param list<array{float, float}> $read
     * @param array<string, mixed>      $members of the job
     */
    private function roll(array $read, int $pass, array $members = []): RollRead
    {
        return RollRead::of(
            Loads::setup($members),
            $this->journal(
                array_map(
                    static fn(int $i, array $one): JournalEntry => self::entry(
                        "r-$i",
                        $i,
                        $one[0],
                        self::round(...$one),
                    ),
                    array_keys($read),
                    $read,
                ),
            ),
            $pass,
        );
    }

    /** What a tape says of a roll that begins at 27.6 mm: π(r² − r₀²) is what lies on it, seen from its end. */
    private static function round(float $wound, float $thickness): float
    {
        return 2 * \M_PI * sqrt(27.59682996234501 ** 2 + ($thickness * $wound) / \M_PI);
    }

    private static function entry(string $key, int $minute, float $wound, float $round): JournalEntry
    {
        return new JournalEntry(
            $key,
            EntryKind::Roll,
            null,
            (new \DateTimeImmutable('2027-03-01T09:00:00Z'))->modify("+$minute minutes"),
            ['wound' => $wound, 'round' => $round],
        );
    }

    /** @param list<JournalEntry> $entries */
    private function journal(array $entries): Journal
    {
        return new Journal(Loads::steps(), $entries, new \DateTimeImmutable('2027-03-01T09:00:00Z'));
    }

    private static function text(Phrase $phrase): string
    {
        return $phrase->writtenBy(new LengthWriter(UnitSystem::Inches));
    }
}
