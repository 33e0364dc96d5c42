<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Measure\Length;
use Schwung\Core\Running\DriftState;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Firmness;
use Tests\Core\Loading\Loads;

#[CoversClass(Journal::class)]
#[CoversClass(JournalEntry::class)]
final class JournalTest extends TestCase
{
    public function testTheFirstStepThatIsNotDoneIsAtHand(): void
    {
        self::assertSame(0, $this->journal()->place());
        self::assertSame(2, $this->journal($this->done('room', 1), $this->done('machine', 2))->place());
        self::assertSame(
            0,
            $this->journal($this->done('machine', 2))->place(),
            'a step that was jumped over is not lost',
        );
    }

    public function testAStepThatIsDoneOnTwoDevicesIsDoneOnceAndAtItsFirstTime(): void
    {
        $journal = $this->journal($this->done('room', 5, 'b'), $this->done('room', 3, 'a'));

        self::assertSame('a', $journal->done()['room']->key);
        self::assertSame(['room' => 3.0], $journal->minutes());
    }

    public function testAStepCanBeNotDoneAfterAll(): void
    {
        $journal = $this->journal(
            $this->done('room', 1),
            new JournalEntry('u', EntryKind::Undone, 'room', $this->at(2)),
        );

        self::assertSame(0, $journal->place());
    }

    public function testTheStateFollowsTheStepsAndWhatWasSetRight(): void
    {
        $before = Loads::steps()->placeOf('lock');
        self::assertNotNull($before);
        $entries = array_map(
            fn(int $i): JournalEntry => $this->done(Loads::steps()->steps[$i]->key, $i),
            range(0, $before),
        );
        self::assertSame('across', $this->journal(...$entries)->state()->at(StatePart::ChannelLock));
        $right = new JournalEntry('s', EntryKind::State, null, $this->at(500), [
            'part' => 'channel lock',
            'is' => 'off',
        ]);
        $journal = $this->journal(...[...$entries, $right]);

        self::assertSame('off', $journal->state()->at(StatePart::ChannelLock));
        self::assertSame(
            ['channel lock'],
            array_map(static fn($setting): string => $setting->part->value, $journal->unmet()),
            'the reference line needs the lock',
        );
        self::assertSame(
            'across',
            $this->journal(
                ...[
                    ...$entries,
                    new JournalEntry('s', EntryKind::State, null, $this->at(500), [
                        'part' => 'channel lock',
                        'is' => 'askew',
                    ]),
                ],
            )
                ->state()
                ->at(StatePart::ChannelLock),
        );
    }

    public function testWhatIsCorrectedCountsNoMore(): void
    {
        $wrong = $this->register('w', 1, 305, 0, 50);
        $journal = $this->journal(
            $wrong,
            new JournalEntry('c', EntryKind::Correction, null, $this->at(2), ['of' => 'w']),
            $this->register('r', 3, 305, 0, 5),
        );

        self::assertCount(1, $journal->registerReadings());
        self::assertEqualsWithDelta(5, $journal->registerReadings()[0]->right->toMillimetres(), 1e-6);
    }

    public function testTheLastReadingAtALengthCounts(): void
    {
        $journal = $this->journal(
            $this->register('a', 1, 305, 0, 1),
            $this->register('b', 2, 305, 0, 2),
            $this->register('c', 3, 100, 0, 9),
        );

        self::assertSame(
            [9.0, 2.0],
            array_map(static fn($reading): float => $reading->right->toMillimetres(), $journal->registerReadings()),
        );
        self::assertSame(DriftState::Unknown, $journal->drift(Length::inches(4), Length::inches(90))->state);
        self::assertSame(
            DriftState::Ok,
            $this->journal(
                $this->register('a', 1, 305, 0, 1),
                $this->register('b', 2, 505, 0, 1),
                $this->register('c', 3, 705, 0, 1),
            )->drift(Length::inches(4), Length::inches(90))->state,
        );
    }

    public function testAPauseIsNoWork(): void
    {
        $journal = $this->journal(
            $this->done('room', 4),
            new JournalEntry('p', EntryKind::Park, null, $this->at(6)),
            new JournalEntry('q', EntryKind::Resume, null, $this->at(906)),
            $this->done('machine', 909),
        );

        self::assertSame(['room' => 4.0, 'machine' => 5.0], $journal->minutes());
        self::assertSame(9.0, $journal->minutesWorked());
        self::assertFalse($journal->isParked());
        self::assertTrue($this->journal(new JournalEntry('p', EntryKind::Park, null, $this->at(6)))->isParked());
    }

    public function testWhatWasDoneBeforeItWasWrittenDownTookNobodyKnowsHowLong(): void
    {
        $journal = $this->journal(
            new JournalEntry('e', EntryKind::Done, 'room', $this->at(30), ['entered' => true]),
            $this->done('machine', 34),
        );

        self::assertSame(['machine' => 4.0], $journal->minutes());
        self::assertArrayHasKey('room', $journal->done());
    }

    public function testANightThatNobodyParkedIsCutShort(): void
    {
        self::assertSame(['room' => 240.0], $this->journal($this->done('room', 2000))->minutes());
    }

    public function testFirmnessAndReleaseAreTheLastThatWereFelt(): void
    {
        $feel = static fn(string $key, int $minute, array $backing): JournalEntry => new JournalEntry(
            $key,
            EntryKind::Firmness,
            null,
            (new \DateTimeImmutable('2027-03-01T09:00:00Z'))->modify("+$minute minutes"),
            ['backing' => $backing, 'top' => [3, 3, 3]],
        );
        $journal = $this->journal(
            $feel('a', 1, [3, 3, 3]),
            $feel('b', 2, [4, 4, 5]),
            $feel('c', 3, [9]),
            new JournalEntry('r', EntryKind::Release, null, $this->at(4), ['jumped' => 6.35]),
        );

        self::assertSame(Firmness::Rings, $journal->firmness()?->backing[2]);
        self::assertEqualsWithDelta(6.35, $journal->jumped()?->toMillimetres(), 1e-6);
        self::assertNull($this->journal()->firmness());
        self::assertNull($this->journal()->jumped());
    }

    public function testPassesCountOnceAllOfTheirSectionsAreStitched(): void
    {
        $winding = Loads::setup(Loads::clamped())->winding;
        $steps = Loads::steps(Loads::clamped());
        $one = new Journal($steps, [$this->done('pass-1-stitch-section-1', 1)], $this->at(0));
        $both = new Journal(
            $steps,
            [$this->done('pass-1-stitch-section-1', 1), $this->done('pass-1-stitch-section-2', 2)],
            $this->at(0),
        );

        self::assertSame([0, 1], [$one->passesStitched($winding), $both->passesStitched($winding)]);
    }

    private function journal(JournalEntry ...$entries): Journal
    {
        return new Journal(Loads::steps(), array_values($entries), $this->at(0));
    }

    private function done(string $step, int $minute, ?string $key = null): JournalEntry
    {
        return new JournalEntry($key ?? "done-$step", EntryKind::Done, $step, $this->at($minute));
    }

    private function register(string $key, int $minute, float $wound, float $left, float $right): JournalEntry
    {
        return new JournalEntry($key, EntryKind::Register, null, $this->at($minute), [
            'wound' => $wound,
            'left' => $left,
            'right' => $right,
        ]);
    }

    private function at(int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2027-03-01T09:00:00Z'))->modify("+$minute minutes");
    }
}
