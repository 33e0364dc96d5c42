<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\HabitsReader;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\Entries;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\School;
use Tests\Core\Jobs;

/**
 * Every school is one answer of several, says its reason, can be chosen, and stands in the table of docs/schools.md.
 */
#[CoversNothing]
final class SchoolsTest extends TestCase
{
    public function testEverySchoolStandsInTheTableWithItsReason(): void
    {
        $table = (string) file_get_contents(__DIR__ . '/../../../docs/schools.md');
        foreach (array_diff_key(HabitsReader::WORDS, ['purpose' => true]) as $habit => $enum) {
            self::assertStringContainsString("`load.habits.$habit`", $table);
            self::assertGreaterThan(1, \count($enum::cases()), $habit);
            $reasons = [];
            foreach ($enum::cases() as $school) {
                self::assertInstanceOf(School::class, $school);
                self::assertStringContainsString(
                    "| `$school->value` | {$school->words()} | {$school->reason()} |",
                    $table,
                );
                $reasons[] = $school->reason();
            }
            self::assertSame($reasons, array_unique($reasons), "$habit: each has a reason of its own");
        }
    }

    public function testEveryHabitOfTheDeskIsOneOfADocument(): void
    {
        self::assertEqualsCanonicalizing(
            array_values(array_diff_key(HabitsReader::WORDS, ['purpose' => true])),
            array_values(Entries::HABITS),
        );
    }

    public function testHabitsOfADocumentGoBeforeThoseOfTheDesk(): void
    {
        foreach (HabitsReader::WORDS as $habit => $enum) {
            foreach ($enum::cases() as $case) {
                $read = $this->habits(['load/habits' => [$habit => $case->value], 'desk' => ['sides' => 'from-back']]);

                self::assertSame((string) $case->value, HabitsReader::words($read)[$habit]);
                self::assertSame(
                    'sides' === $habit ? (string) $case->value : 'from-back',
                    HabitsReader::words($read)['sides'],
                );
            }
        }
    }

    /** @param array<string, mixed> $changes */
    private function habits(array $changes): LoadingHabits
    {
        return (new JobReader())->read(Jobs::changed($changes))->desk->habits;
    }
}
