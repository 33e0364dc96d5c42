<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Trainer\Exercise;
use Schwung\Core\Tension\Trainer\ExerciseMaker;
use Schwung\Core\Tension\Trainer\Guess;
use Schwung\Core\Tension\Trainer\Level;
use Schwung\Core\Tension\Trainer\MarkRule;
use Schwung\Core\Tension\Trainer\Probe;
use Schwung\Core\Tension\Trainer\ReportRule;

/** Beds of the trainer: what is hidden, what is offered, what each probe tells, and the points of some guesses. */
final readonly class Exercises implements Account
{
    public function pages(): int
    {
        return 60;
    }

    public function page(int $number): iterable
    {
        $level = Level::cases()[$number % 3];
        $exercise = (new ExerciseMaker(Knowledge::ofTheTrade()))->make($level, 7 * $number);
        yield \sprintf('%s: %s, of %s', $level->words(), Words::of($exercise->causes()), Words::of($exercise->offered));
        yield 'par ' . $exercise->par() . ', line ' . Words::of($exercise->line);
        foreach (Probe::cases() as $probe) {
            $report = (new ReportRule())->report($exercise, $probe);
            yield \sprintf(
                '%s: %s %s',
                $probe->value,
                Words::of($report->seen),
                Words::mark([$report->lines, $exercise->missedBy($probe)]),
            );
        }
        foreach ($this->guesses($exercise) as $name => [$guess, $probes]) {
            yield "$name: " . Words::of((new MarkRule(Knowledge::ofTheTrade()))->mark($exercise, $guess, $probes));
        }
        yield Words::mark($exercise->faults) . ' ' . Words::mark($exercise->bed);
    }

    /** @return array<string, array{Guess, list<Probe>}> */
    private function guesses(Exercise $exercise): array
    {
        $lot = new Lot($exercise->seed);
        $right = $exercise->causes();
        $offered = static fn(): Cause => $lot->of($exercise->offered);
        $few = [Probe::Well, $lot->case(Probe::class)];

        return [
            'right, all looked at' => [new Guess($right, $right), Probe::cases()],
            'right, two looks' => [new Guess($right, [$offered()]), $few],
            'one of them' => [new Guess(\array_slice($right, -1), [$right[0]]), $few],
            'a guess' => [new Guess([$offered(), $offered()], [$offered()]), $few],
            'blind' => [new Guess([$offered()], []), []],
        ];
    }
}
