<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Tension\Bed\BedRule;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Trainer\Exercise;
use Schwung\Core\Tension\Trainer\ExerciseMaker;
use Schwung\Core\Tension\Trainer\Fault;
use Schwung\Core\Tension\Trainer\FaultMaker;
use Schwung\Core\Tension\Trainer\Guess;
use Schwung\Core\Tension\Trainer\Level;
use Schwung\Core\Tension\Trainer\Mark;
use Schwung\Core\Tension\Trainer\MarkRule;
use Schwung\Core\Tension\Trainer\Probe;
use Schwung\Core\Tension\Trainer\ReportRule;

#[CoversClass(ExerciseMaker::class)]
#[CoversClass(Exercise::class)]
#[CoversClass(FaultMaker::class)]
#[CoversClass(Fault::class)]
#[CoversClass(MarkRule::class)]
#[CoversClass(ReportRule::class)]
#[CoversClass(Mark::class)]
#[CoversClass(Probe::class)]
#[CoversClass(Level::class)]
#[Group('slow')]
final class TrainerTest extends TestCase
{
    public function testTheSameSeedHidesTheSameFaultOnEveryMachine(): void
    {
        self::assertEquals($this->plain($this->make(Level::Two, 4711)), $this->plain($this->make(Level::Two, 4711)));
        self::assertSame(
            [[Cause::FrameOutOfTrue], [Cause::TopOvertight], [Cause::BackingDoubledUnder]],
            array_map(fn(int $seed): array => $this->make(Level::Two, $seed)->causes(), [4711, 4712, 4713]),
        );
    }

    public function testEveryFaultOfALevelTurnsUp(): void
    {
        $hidden = fn(Level $level): array => array_unique(
            array_merge(
                ...array_map(
                    fn(int $seed): array => array_map(
                        static fn(Cause $cause): string => $cause->value,
                        $this->make($level, $seed)->causes(),
                    ),
                    range(0, 299),
                ),
            ),
        );

        self::assertCount(8, $hidden(Level::One));
        self::assertCount(27, $hidden(Level::Two));
        self::assertCount(27, $hidden(Level::Three));
    }

    #[DataProvider('levels')]
    public function testEveryBedCanBeSolved(Level $level): void
    {
        foreach (range(0, 199) as $seed) {
            $exercise = $this->make($level, $seed);
            $fields = array_map(static fn(Fault $fault): string => $fault->field, $exercise->faults);

            self::assertCount($level->faults(), array_unique($fields), "seed $seed");
            self::assertCount(
                $level->offered(),
                array_unique(array_map(static fn(Cause $cause): string => $cause->value, $exercise->offered)),
                "seed $seed",
            );
            self::assertSame(
                [],
                array_diff(
                    array_map(static fn(Cause $cause): string => $cause->value, $exercise->causes()),
                    array_map(static fn(Cause $cause): string => $cause->value, $exercise->offered),
                ),
                "seed $seed",
            );
            self::assertNotSame([], $exercise->seen, "seed $seed");
            self::assertSame(
                100,
                $this->mark($exercise, $exercise->causes(), $this->needed($exercise))->total(),
                "seed $seed",
            );
        }
    }

    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->words() => [$level];
        }
    }

    public function testWhatIsToBeSeenPointsToTheHiddenCause(): void
    {
        $rule = new MarkRule(Knowledge::ofTheTrade());
        $found = 0;
        foreach (range(0, 199) as $seed) {
            $exercise = $this->make(Level::Two, $seed);
            $found += \in_array(
                $exercise->causes()[0],
                array_map(
                    static fn(Likely $likely): Cause => $likely->cause(),
                    $rule->likeliest($exercise, Probe::cases()),
                ),
                true,
            )
                ? 1
                : 0;
        }

        self::assertGreaterThan(170, $found);
    }

    public function testAProbeTellsWhatItsFaultIs(): void
    {
        $flat = (new BedRule())->lie(BedSetup::flat());
        foreach (range(0, 99) as $seed) {
            $exercise = $this->make(Level::Two, $seed);
            $fault = $exercise->faults[0];
            $tells = isset($fault->traces[$fault->proof->value]) || $exercise->bed->setup != $flat->setup;

            self::assertTrue($tells, $fault->cause->value);
        }
    }

    public function testTheLineAcrossTheLeaderShowsItsShapeAndNothingElse(): void
    {
        foreach (range(0, 99) as $seed) {
            $exercise = $this->make(Level::Two, $seed);
            $range = max([0.0, ...$exercise->line]) - min([99.0, ...$exercise->line]);
            $isLeader = \in_array(
                $exercise->causes()[0],
                [Cause::LeaderCrooked, Cause::LeaderWornCentre, Cause::FrameOutOfTrue],
                true,
            );

            self::assertSame($isLeader, $range > 25.4 / 8, (string) $seed);
        }
    }

    public function testAClampThatIsLetOffShowsTheJumpAndNothingElseDoes(): void
    {
        $tight = null;
        for ($seed = 0; null === $tight; ++$seed) {
            $exercise = $this->make(Level::One, $seed);
            $tight = Cause::SideClampsTight === $exercise->causes()[0] ? $exercise : null;
        }

        self::assertSame([Symptom::SnapBack], $tight->seenBy(Probe::Release));
        self::assertNotContains(Symptom::SnapBack, $tight->seenBy(Probe::Sides));
        self::assertNotContains(Symptom::SnapBack, $tight->missedBy(Probe::Sides));
    }

    public function testEveryProbeSaysSomethingInEitherUnits(): void
    {
        $writer = new LengthWriter(UnitSystem::Inches);
        foreach (range(0, 60) as $seed) {
            foreach (Probe::cases() as $probe) {
                $report = (new ReportRule())->report($this->make(Level::Three, $seed), $probe);
                $said = implode(
                    ' ',
                    array_map(static fn(Phrase $line): string => $line->writtenBy($writer), $report->lines),
                );

                self::assertTrue('' !== $said || [] !== $report->seen, "$seed {$probe->value}");
                self::assertStringNotContainsString('%s', $said);
            }
        }
    }

    public function testWhatIsReadAndWhatHangsOpensToItsWorking(): void
    {
        foreach (range(0, 60) as $seed) {
            $exercise = $this->make(Level::Two, $seed);
            $line = (new ReportRule())->report($exercise, Probe::Line)->figures;
            self::assertSame(['From longest to shortest', 'Tilt', 'Bow'], array_keys($line));
            $well = (new ReportRule())->report($exercise, Probe::Well);
            foreach ($well->figures as $label => $worked) {
                self::assertNotSame([], $worked->terms, $label);
            }
            self::assertSame([], (new ReportRule())->report($exercise, Probe::Press)->figures);
        }
    }

    public function testPointsAreForCauseRemedyAndTime(): void
    {
        $exercise = $this->make(Level::Two, 4719);
        [$cause] = $exercise->causes();
        $needed = $this->needed($exercise);
        $far = Cause::BattingCreased;
        $near = (new MarkRule(Knowledge::ofTheTrade()))->likeliest($exercise, $needed)[1]->cause();

        self::assertSame(
            ['the cause' => 60, 'the remedy' => 0, 'the time' => 15],
            $this->mark($exercise, [$cause], $needed, [$far])->points,
        );
        self::assertSame(
            ['the cause' => 60, 'the remedy' => 25, 'the time' => 0],
            $this->mark($exercise, [$cause], Probe::cases())->points,
            'everything was looked at',
        );
        self::assertSame(
            ['the cause' => 20, 'the remedy' => 0, 'the time' => 0],
            $this->mark($exercise, [$near], $needed)->points,
            'wrong, but reasonable',
        );
        self::assertSame(
            ['the cause' => 0, 'the remedy' => 0, 'the time' => 0],
            $this->mark($exercise, [$far], [])->points,
        );
    }

    public function testOfTwoFaultsOneIsHalf(): void
    {
        $exercise = $this->make(Level::Three, 12);

        self::assertSame(
            ['the cause' => 30, 'the remedy' => 12, 'the time' => 15],
            $this->mark($exercise, [$exercise->causes()[1]], $this->needed($exercise))->points,
        );
    }

    private function make(Level $level, int $seed): Exercise
    {
        return (new ExerciseMaker(Knowledge::ofTheTrade()))->make($level, $seed);
    }

    /** @return list<Probe> */
    private function needed(Exercise $exercise): array
    {
        return array_values(
            array_unique(
                [Probe::Well, ...array_map(static fn(Fault $fault): Probe => $fault->proof, $exercise->faults)],
                \SORT_REGULAR,
            ),
        );
    }

    /**
     * @param list<Cause>      $causes
     * @param list<Probe>      $probes
     * @param list<Cause>|null $remedies those of the same causes, unless others are told
     */
    private function mark(Exercise $exercise, array $causes, array $probes, ?array $remedies = null): Mark
    {
        return (new MarkRule(Knowledge::ofTheTrade()))->mark(
            $exercise,
            new Guess($causes, $remedies ?? $causes),
            $probes,
        );
    }

    /** @return array<string, mixed> */
    private function plain(Exercise $exercise): array
    {
        return [
            'bed' => $exercise->bed,
            'causes' => $exercise->causes(),
            'seen' => $exercise->seen,
            'line' => $exercise->line,
            'offered' => $exercise->offered,
        ];
    }
}
