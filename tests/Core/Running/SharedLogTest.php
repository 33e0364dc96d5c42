<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\FrameState;
use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\Shown;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepText;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;

/**
 * The core reads a log as the page at the frame does: both are told the cases of tests/Shared/log.json.
 *
 * @phpstan-type LogStep array{key: string, kind: string, pass: int|null, rows: int|null, leaves: array<string, string>}
 * @phpstan-type LogCase array{
 *     name: string,
 *     entries: list<array{string, string, string|null, int, array<string, mixed>}>,
 *     place: int,
 *     done: list<string>,
 *     state: array<string, string>,
 *     left: array{passes: int, rows: float|int},
 *     parked: bool
 * }
 */
#[CoversClass(Journal::class)]
#[CoversClass(JournalEntry::class)]
#[CoversClass(FrameState::class)]
final class SharedLogTest extends TestCase
{
    /** @param LogCase $case */
    #[DataProvider('cases')]
    public function testTheCoreReadsTheLogAsThePageDoes(array $case): void
    {
        $shared = self::shared();
        $journal = new Journal(
            new StepList(
                self::start($shared['start']),
                array_map(self::step(...), $shared['steps']),
                ClothState::bare(Length::zero(), Length::zero()),
            ),
            array_map(
                static fn(array $entry): JournalEntry => new JournalEntry(
                    $entry[0],
                    EntryKind::from($entry[1]),
                    $entry[2],
                    new \DateTimeImmutable("2027-03-03 10:00:00 +$entry[3] seconds"),
                    $entry[4],
                ),
                $case['entries'],
            ),
            new \DateTimeImmutable('2027-03-03 10:00:00'),
        );
        $state = $journal->state();

        self::assertSame($case['place'], $journal->place());
        self::assertEqualsCanonicalizing($case['done'], array_keys($journal->done()));
        self::assertSame($case['parked'], $journal->isParked());
        self::assertSame((float) $case['left']['rows'], self::rowsLeft($shared['steps'], $journal));
        foreach ([...$shared['start'], ...$case['state']] as $part => $is) {
            self::assertSame($is, $state->at(StatePart::from($part)), $part);
        }
    }

    /** @param list<LogStep> $steps */
    private static function rowsLeft(array $steps, Journal $journal): float
    {
        $rows = [];
        foreach ($steps as $step) {
            if (null !== $step['pass'] && null !== $step['rows'] && !isset($journal->done()[$step['key']])) {
                $rows[$step['pass']] = $step['rows'] - ($journal->rowsTicked()[$step['pass']] ?? 0.0);
            }
        }

        return (float) array_sum($rows);
    }

    /** @return iterable<string, array{LogCase}> */
    public static function cases(): iterable
    {
        foreach (self::shared()['cases'] as $case) {
            yield $case['name'] => [$case];
        }
    }

    public function testTheWordsOfThePartsAreThoseOfTheCore(): void
    {
        foreach (self::shared()['words'] as $part => $words) {
            self::assertSame(StatePart::from($part)->words(), $words, $part);
        }
    }

    /** @param array<string, string> $start */
    private static function start(array $start): FrameState
    {
        $settings = array_map(
            static fn(string $part, string $is): Setting => new Setting(StatePart::from($part), $is),
            array_keys($start),
            $start,
        );

        return FrameState::between(FrameKind::Roller)->with($settings);
    }

    /** @param LogStep $step */
    private static function step(array $step): Step
    {
        $said = Phrase::of('It is done.');

        return new Step(
            key: $step['key'],
            group: Group::Pass,
            kind: StepKind::from($step['kind']),
            text: new StepText($said, $said, $said, $said),
            shows: Shown::Bed,
            minutes: 1,
            leaves: array_map(
                static fn(string $part, string $is): Setting => new Setting(StatePart::from($part), $is),
                array_keys($step['leaves']),
                $step['leaves'],
            ),
            pass: $step['pass'],
        );
    }

    /** @return array{start: array<string, string>, words: array<string, list<string>>, steps: list<LogStep>, cases: list<LogCase>} */
    private static function shared(): array
    {
        /** @var array{start: array<string, string>, words: array<string, list<string>>, steps: list<LogStep>, cases: list<LogCase>} $shared */
        $shared = json_decode(
            (string) file_get_contents(__DIR__ . '/../../Shared/log.json'),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );

        return $shared;
    }
}
