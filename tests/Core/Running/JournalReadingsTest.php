<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\StrainTold;
use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Tests\Core\Loading\Loads;

/** What a log says of roll, strain, rows and pauses: each reading beside one that counts no more. */
#[CoversClass(Journal::class)]
#[CoversClass(StrainTold::class)]
final class JournalReadingsTest extends TestCase
{
    public function testARollIsTapedOrItsClicksAreCounted(): void
    {
        $readings = $this->roll(
            $this->entry('taped', 2, EntryKind::Roll, ['wound' => 450.0, 'round' => 220.0]),
            $this->entry('counted', 1, EntryKind::Roll, ['from' => 0.0, 'to' => 225.48, 'clicks' => 45]),
        );

        self::assertEquals(
            [
                'counted' => RollReading::advance(Length::zero(), Length::millimetres(225.48), 1.25),
                'taped' => RollReading::round(Length::millimetres(450), Length::millimetres(220)),
            ],
            $readings,
        );
        self::assertSame(['counted', 'taped'], array_keys($readings), 'in the order in which they were read');
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('clicksThatSayNothing')]
    public function testClicksThatSayNothingAreNoReading(array $data, ?int $teeth): void
    {
        self::assertSame(
            [],
            $this->journal($this->entry('r', 1, EntryKind::Roll, $data))->rollReadings(Loads::setup()->winding, $teeth),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, int|null}> */
    public static function clicksThatSayNothing(): iterable
    {
        yield 'no ratchet' => [['from' => 0.0, 'to' => 225.0, 'clicks' => 45], null];
        yield 'no click' => [['from' => 0.0, 'to' => 225.0, 'clicks' => 0], 36];
        yield 'nothing wound between' => [['from' => 225.0, 'to' => 225.0, 'clicks' => 45], 36];
        yield 'backwards' => [['from' => 225.0, 'to' => 0.0, 'clicks' => 45], 36];
    }

    #[DataProvider('turnsOfAnEncoder')]
    public function testAnEncoderSaysWhatAnAdvanceWound(string $step, float $turns, bool $counts): void
    {
        $readings = $this->roll(new JournalEntry('e', EntryKind::Done, $step, $this->at(1), ['turns' => $turns]));

        self::assertEquals(
            $counts
                ? ['e' => RollReading::advance(Length::zero(), Loads::setup()->winding->at(2)->pass->wound, $turns)]
                : [],
            $readings,
        );
    }

    /** @return iterable<string, array{string, float, bool}> the advance to pass 2 is planned with 1.228 turns */
    public static function turnsOfAnEncoder(): iterable
    {
        yield 'about what was planned' => ['pass-2-advance', 1.3, true];
        yield 'more than half of it' => ['pass-2-advance', 0.62, true];
        yield 'half of it is no whole advance' => ['pass-2-advance', 0.61, false];
        yield 'less than twice as much' => ['pass-2-advance', 2.45, true];
        yield 'twice as much is more than one' => ['pass-2-advance', 2.46, false];
        yield 'nothing was seen' => ['pass-2-advance', 0.0, false];
        yield 'a step that winds nothing' => ['pass-2-stitch', 1.3, false];
        yield 'a step that this plan has not' => ['pass-77-advance', 1.3, false];
    }

    public function testClicksAreHeldAgainstTurnsOfTheSameAdvance(): void
    {
        self::assertSame(
            [[1.25, 44.0]],
            $this->journal(
                $this->entry('a', 1, EntryKind::Done, ['turns' => 1.25], 'pass-2-advance'),
                $this->entry('b', 2, EntryKind::Roll, ['from' => 0.0, 'to' => 225.0, 'clicks' => 44], 'pass-2-settle'),
                $this->entry('c', 3, EntryKind::Done, ['turns' => 0.0], 'pass-3-advance'),
                $this->entry('d', 4, EntryKind::Roll, ['from' => 0.0, 'to' => 225.0, 'clicks' => 40], 'pass-3-settle'),
                $this->entry('e', 5, EntryKind::Roll, ['wound' => 1.0, 'round' => 2.0], 'pass-2-settle'),
            )->clicksAgainstTurns(),
        );
    }

    public function testAStrainIsReadBesideWhatWasFeltLast(): void
    {
        $journal = $this->journal(
            $this->strain('early', 1, 'top', 254.0, 255.0),
            $this->entry('f', 2, EntryKind::Firmness, ['backing' => [3, 4, 3], 'top' => [2, 3, 2]]),
            $this->strain('b', 3, 'backing', 254.0, 255.27),
            $this->entry('half', 4, EntryKind::Firmness, ['backing' => [1, 1, 1]]),
            $this->strain('t', 5, 'top', 254.0, 254.0),
            $this->strain('no', 6, 'top', 254.0, 300.0),
        );

        self::assertEquals([['backing', 4, 0.005], ['top', 3, 0.0]], $journal->strains());
        self::assertNull($journal->strain($journal->readings(EntryKind::Strain)[3]));
        self::assertSame(['early', 'b', 't', 'no'], array_column($journal->readings(EntryKind::Strain), 'key'));
    }

    #[DataProvider('strains')]
    public function testAStrainIsTold(?float $strain, bool $isStretchy, bool $hasClicks, string $said): void
    {
        $told = new StrainTold($strain, $isStretchy, Length::inches(100), $hasClicks);

        self::assertSame($said, $told->sentence()->writtenBy(new LengthWriter(UnitSystem::Inches)));
        self::assertSame(str_contains($said, 'more than it bears'), $told->isTooMuch());
    }

    /** @return iterable<string, array{float|null, bool, bool, string}> */
    public static function strains(): iterable
    {
        yield 'impossible' => [null, false, true, 'The two marks cannot stand so: read them again.'];
        yield 'as much as cotton bears' => [
            0.005,
            false,
            true,
            'Pulled by 0.5 %, as it should be. Off the frame it shrinks back by ½ in over the quilt.',
        ];
        yield 'more, with a ratchet' => [
            0.0101,
            false,
            true,
            'Pulled by 1.0 %, more than it bears: let a click off. Off the frame it shrinks back by 1 in over the quilt.',
        ];
        yield 'more, without' => [
            0.0101,
            true,
            false,
            'Pulled by 1.0 %, more than it bears: let a little off. Off the frame it shrinks back by 1 in over the quilt.',
        ];
        yield 'as much as stretchy cloth bears' => [
            0.01,
            true,
            false,
            'Pulled by 1.0 %, as it should be. Off the frame it shrinks back by 1 in over the quilt.',
        ];
    }

    public function testTwiceParkedItIsParkedSinceTheFirstTime(): void
    {
        $park = fn(string $key, int $minute, string $for): JournalEntry => $this->entry(
            $key,
            $minute,
            EntryKind::Park,
            ['for' => $for],
        );
        $journal = $this->journal($park('a', 5, ParkFor::Overnight->value), $park('b', 9, ParkFor::Weeks->value));

        self::assertEquals($this->at(5), $journal->parkedSince());
        self::assertSame(ParkFor::Weeks, $journal->parkedFor());
        self::assertSame(ParkFor::Overnight, $this->journal()->parkedFor());
        self::assertNull($this->journal()->parkedSince());
        self::assertNull(
            $this->journal(
                $park('a', 5, ParkFor::Weeks->value),
                $this->entry('r', 6, EntryKind::Resume),
            )->parkedSince(),
        );
    }

    public function testFirmnessIsPartOfHowTheFrameStands(): void
    {
        $felt = $this->entry('f', 1, EntryKind::Firmness, ['backing' => [3, 3, 3], 'top' => [3, 3, 3]]);

        self::assertSame('firm', $this->journal($felt)->state()->at(StatePart::Firmness));
    }

    public function testRowsOfAPassThatIsNotStitchedYetAreTicked(): void
    {
        $journal = $this->journal(
            $this->rows('a', 1, 'pass-1-stitch', 1.0),
            new JournalEntry('d', EntryKind::Done, 'pass-1-stitch', $this->at(2)),
            $this->rows('b', 3, 'pass-2-stitch', 1.0),
            $this->rows('c', 4, 'pass-2-stitch', 0.5),
            $this->rows('z', 5, 'pass-3-stitch', 0.0),
        );

        self::assertSame([2 => 0.5], $journal->rowsTicked());
        self::assertSame('9 passes, 8 ½ rows left', $journal->remaining(Loads::setup()->winding)->words());
        self::assertSame('10 passes, 10 rows left', $this->journal()->remaining(Loads::setup()->winding)->words());
    }

    public function testOfSectionsThoseRowsCountThatAllHave(): void
    {
        $journal = static fn(JournalEntry ...$entries): Journal => new Journal(
            Loads::steps(Loads::clamped()),
            array_values($entries),
            new \DateTimeImmutable('2027-03-01T09:00:00Z'),
        );

        self::assertSame([], $journal($this->rows('a', 1, 'pass-1-stitch-section-1', 1.0))->rowsTicked());
        self::assertSame(
            [1 => 0.5],
            $journal(
                $this->rows('a', 1, 'pass-1-stitch-section-1', 1.0),
                $this->rows('b', 2, 'pass-1-stitch-section-2', 0.5),
            )->rowsTicked(),
        );
    }

    public function testWhatWasDoneAboutAProblemIsTheProblemsOwn(): void
    {
        $journal = $this->journal(
            $this->entry('p', 1, EntryKind::Problem, ['seen' => 'tuck']),
            $this->entry('f', 4, EntryKind::Fixed, ['of' => 'p']),
            $this->entry('l', 2, EntryKind::Looked, ['of' => 'p']),
            $this->entry('o', 3, EntryKind::Looked, ['of' => 'another']),
            $this->entry('n', 5, EntryKind::Note, ['of' => 'p']),
        );

        self::assertSame(['l', 'f'], array_column($journal->about('p'), 'key'));
        self::assertSame(['p'], array_column($journal->problems(), 'key'));
    }

    public function testTurnedRoundTheRegisterIsReadAnew(): void
    {
        $register = fn(string $key, int $minute, float $wound): JournalEntry => $this->entry(
            $key,
            $minute,
            EntryKind::Register,
            ['left' => 1.0, 'right' => 2.0, 'wound' => $wound],
        );
        $journal = $this->journal(
            $register('a', 1, 300),
            new JournalEntry('t', EntryKind::Done, 'turn-off', $this->at(2)),
            $register('b', 3, 100),
        );

        self::assertCount(1, $journal->registerReadings());
        self::assertEquals(Length::millimetres(100), $journal->registerReadings()[0]->wound);
    }

    /** @return array<string, RollReading> with 36 teeth */
    private function roll(JournalEntry ...$entries): array
    {
        return $this->journal(...$entries)->rollReadings(Loads::setup()->winding, 36);
    }

    private function journal(JournalEntry ...$entries): Journal
    {
        return new Journal(Loads::steps(), array_values($entries), $this->at(0));
    }

    private function strain(string $key, int $minute, string $layer, float $apart, float $loaded): JournalEntry
    {
        return $this->entry($key, $minute, EntryKind::Strain, [
            'layer' => $layer,
            'apart' => $apart,
            'loaded' => $loaded,
        ]);
    }

    private function rows(string $key, int $minute, string $step, float $rows): JournalEntry
    {
        return $this->entry($key, $minute, EntryKind::Rows, ['rows' => $rows], $step);
    }

    /** @param array<string, mixed> $data */
    private function entry(
        string $key,
        int $minute,
        EntryKind $kind,
        array $data = [],
        ?string $step = null,
    ): JournalEntry {
        return new JournalEntry($key, $kind, $step, $this->at($minute), $data);
    }

    private function at(int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2027-03-01T09:00:00Z'))->modify("+$minute minutes");
    }
}
