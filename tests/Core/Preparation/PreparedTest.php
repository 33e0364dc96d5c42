<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Loading\VoidChoices;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Preparation\CircumstancesRule;
use Schwung\Core\Preparation\Earlier;
use Schwung\Core\Preparation\FetchList;
use Schwung\Core\Preparation\Foresight;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\LeaderRecords;
use Schwung\Core\Preparation\PlaceRule;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Risk;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

/**
 * What follows from each job of Exchange/documents beside its plan, as prepared.txt shows it: what to fetch, where it
 * hangs, which choices are void, what is foreseen, and what plan and log know when a fault is seen.
 */
#[CoversClass(FetchList::class)]
#[CoversClass(PlaceRule::class)]
#[CoversClass(VoidChoices::class)]
#[CoversClass(Foresight::class)]
#[CoversClass(CircumstancesRule::class)]
final class PreparedTest extends TestCase
{
    private const MOMENT = '2027-03-03T09:00:00+00:00';

    public function testWhatFollowsFromEachJob(): void
    {
        self::assertStringEqualsFile(__DIR__ . '/prepared.txt', $this->all());
    }

    private function all(): string
    {
        $text = '';
        foreach (glob(__DIR__ . '/../Exchange/documents/*.job.json') ?: [] as $file) {
            $document = json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
            $text .= basename($file, '.job.json') . "\n";
            foreach ($this->lines($document) as $line) {
                $text .= "  $line\n";
            }
        }

        return $text;
    }

    /** @return iterable<string> */
    private function lines(mixed $document): iterable
    {
        $known = Known::ofJob((new JobReader())->read($document));
        foreach (Hand::cases() as $hand) {
            $preparation = new Preparation(
                new Known(
                    parts: $known->parts,
                    practice: $known->practice,
                    leaders: self::leaders(),
                    body: new Body($hand),
                ),
            );
            yield from $this->ofHand($hand, $preparation);
        }
    }

    /** @return iterable<string> */
    private function ofHand(Hand $hand, Preparation $preparation): iterable
    {
        $holding = $preparation->holding();
        if (null !== $holding) {
            yield "$hand->value hand, hung at " . self::text($holding->place);
        }
        $plan = $preparation->kept();
        if (null !== $plan && null !== $holding && Hand::Right === $hand) {
            foreach (
                (new FetchList(new Practice()))->of($plan, $holding->ends, $preparation->isOneAlready())
                as $side => $fetched
            ) {
                foreach ($fetched as $one) {
                    yield "fetch $side: " . self::text($one);
                }
            }
        }
        foreach (Hand::Right === $hand ? Stage::PLANNED : [] as $stage) {
            foreach ((new Foresight([]))->risks($preparation, $stage, new \DateTimeImmutable(self::MOMENT)) as $risk) {
                yield "foreseen at $stage->value: {$risk->entry->cause->value} shows {$risk->shows->value} " .
                    self::because($risk);
            }
        }
        $setup = $preparation->setup();
        $steps = $preparation->steps();
        if (null === $setup || null === $steps) {
            return;
        }
        foreach ((new VoidChoices())->of($setup) as $path => $why) {
            yield "void $path: " . self::text($why);
        }
        $rule = new CircumstancesRule($preparation->known, $setup);
        yield 'known before: ' . self::text($rule->planned(new \DateTimeImmutable(self::MOMENT)));
        if (Hand::Left === $hand) {
            return;
        }
        $keys = array_map(static fn($step): string => $step->key, $steps->steps);
        $across = $setup->across()->toMillimetres();
        foreach ([[0, 0.1], [intdiv(\count($keys), 2), 0.5], [\count($keys) - 1, 0.95]] as [$reached, $aside]) {
            $entries = [];
            foreach (\array_slice($keys, 0, $reached) as $i => $key) {
                // Every seventh step is jumped over.
                if (3 !== $i % 7) {
                    $entries[] = self::entry($i, EntryKind::Done, $key);
                }
                if (0 === $i % 9) {
                    $entries[] = self::entry(1000 + $i, EntryKind::Problem, $key, [
                        'x' => (0 === $i % 18 ? 0.05 : 0.9) * $across,
                        'seen' => 'side-dip',
                    ]);
                }
            }
            $fault = self::entry(5000, EntryKind::Problem, $keys[$reached], [
                'x' => $aside * $across,
                'seen' => 'side-dip',
            ]);
            $journal = new Journal($steps, [...$entries, $fault], new \DateTimeImmutable(self::MOMENT));
            $earlier = [
                new Earlier(Symptom::SideDip, Zone::Left),
                new Earlier(Symptom::SideDip, Zone::Left),
                new Earlier(Symptom::SideDip, Zone::Right),
                new Earlier(Symptom::CentreDip, Zone::Centre),
            ];
            yield "known at {$keys[$reached]}: " .
                self::text($rule->ofFault($steps, $journal, $fault, new \DateTimeImmutable(self::MOMENT), $earlier));
        }
    }

    private static function because(Risk $risk): string
    {
        return 'because ' . implode('; ', array_map(self::text(...), $risk->because));
    }

    /** @param array<string, mixed> $data */
    private static function entry(int $second, EntryKind $kind, string $step, array $data = []): JournalEntry
    {
        $at = new \DateTimeImmutable('2027-03-03T10:00:00+00:00');

        return new JournalEntry("entry-$second", $kind, $step, $at->modify("+$second seconds"), $data);
    }

    private static function leaders(): LeaderRecords
    {
        return new class implements LeaderRecords {
            public function verdict(): ?LeaderVerdict
            {
                return null;
            }

            public function commonTilt(): ?CommonTilt
            {
                return null;
            }

            public function pastLoads(): array
            {
                return array_map(
                    static fn(array $load): PastLoad => new PastLoad(
                        Length::inches($load[0]),
                        Length::inches($load[1]),
                    ),
                    [[0, 70], [0, 70], [-6, 64], [0, 90], [4, 50]],
                );
            }

            public function hasCasing(End $end): bool
            {
                return End::Lead === $end;
            }

            public function loadsSinceCheck(): int
            {
                return 7;
            }
        };
    }

    /** Anything of the core in a few words. */
    private static function text(mixed $value): string
    {
        return match (true) {
            $value instanceof Phrase => $value->writtenBy(new LengthWriter(UnitSystem::Inches)),
            $value instanceof Length => round($value->toInches(), 3) . ' in',
            $value instanceof \BackedEnum => (string) $value->value,
            \is_array($value) => '[' . implode(', ', array_map(self::text(...), $value)) . ']',
            \is_object($value) => '(' . implode(', ', self::members($value)) . ')',
            \is_float($value) => (string) round($value, 3),
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_string($value), \is_int($value) => (string) $value,
            default => '?',
        };
    }

    /** @return list<string> what is known of an object */
    private static function members(object $value): array
    {
        $members = [];
        foreach (get_object_vars($value) as $name => $member) {
            if (null !== $member) {
                $members[] = "$name " . self::text($member);
            }
        }

        return $members;
    }
}
