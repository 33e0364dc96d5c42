<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\AtTheFrame\LogEntryRepository;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunRepository;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use Schwung\Core\Loading\EntryKind;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\Sighting;

/** Gathers what was seen on every frame over many quilts, what keeps coming back, and what helped. */
final readonly class TensionRoom
{
    public function __construct(private StudioFrameRepository $frames, private RunRepository $runs, private LogEntryRepository $log)
    {
    }

    /** @return list<FrameProblems> */
    public function frames(Studio $studio, ProblemFilter $filter, UnitSystem $units): array
    {
        $problems = $this->problems($studio);
        $loads = $this->loads($studio);
        $patterns = $this->patterns($loads, $problems);

        return array_map(static function (StudioFrame $frame) use ($problems, $loads, $patterns, $filter, $units): FrameProblems {
            $here = array_values(array_filter($problems, static fn (LoggedProblem $problem): bool => true === $problem->run->quilt->frame()?->id()->equals($frame->id()) && $filter->lets($problem)));

            return new FrameProblems(
                $frame, $here, array_values(array_filter($patterns, static fn (Pattern $pattern): bool => $pattern->frame === (string) $frame->id())),
                [] === $here ? null : (new RailPicture($units))->draw($frame, $here), \count($loads[(string) $frame->id()] ?? []),
            );
        }, $this->frames->findOf($studio));
    }

    /** @return list<Pattern> what keeps coming back on this frame: what the next quilt there has to expect */
    public function patternsOn(StudioFrame $frame): array
    {
        $patterns = $this->patterns($this->loads($frame->studio), $this->problems($frame->studio));

        return array_values(array_filter($patterns, static fn (Pattern $pattern): bool => $pattern->frame === (string) $frame->id()));
    }

    /** @return array<string, Run> by id */
    public function runs(Studio $studio): array
    {
        $runs = [];
        foreach ($this->runs->findAllOf($studio) as $run) {
            $runs[(string) $run->id()] = $run;
        }

        return $runs;
    }

    /** @return list<Remedy> the one that helped most often first */
    public function remedies(Studio $studio): array
    {
        $seen = [];
        foreach ($this->problems($studio) as $problem) {
            $seen[$problem->run->id().' '.$problem->entry->key] = $problem;
        }
        $remedies = [];
        foreach ($this->log->findOfKind($studio, EntryKind::Fixed) as $row) {
            $entry = $row->entry();
            $problem = $seen[$row->run->id().' '.$entry->text('of')] ?? null;
            if (null !== $problem) {
                $key = $problem->symptom->value.' '.$entry->text('cause');
                $remedies[$key] = ($remedies[$key] ?? new Remedy($problem->symptom, $entry->text('cause')))->with($entry);
            }
        }
        usort($remedies, static fn (Remedy $one, Remedy $other): int => $other->helped <=> $one->helped ?: $one->tried <=> $other->tried);

        return $remedies;
    }

    /**
     * @param array<string, list<string>> $loads
     * @param list<LoggedProblem>         $problems
     *
     * @return list<Pattern>
     */
    private function patterns(array $loads, array $problems): array
    {
        $placed = array_values(array_filter($problems, static fn (LoggedProblem $problem): bool => $problem->hasPlace()));

        return (new PatternRule())->find($loads, array_map(static fn (LoggedProblem $problem): Sighting => new Sighting((string) $problem->run->id(), $problem->symptom, $problem->zone()), $placed));
    }

    /** @return list<LoggedProblem> the last first, without what was corrected */
    private function problems(Studio $studio): array
    {
        $corrected = [];
        foreach ($this->log->findOfKind($studio, EntryKind::Correction) as $row) {
            $corrected[$row->run->id().' '.$row->entry()->text('of')] = true;
        }
        $problems = [];
        foreach ($this->log->findOfKind($studio, EntryKind::Problem) as $row) {
            $problem = isset($corrected[$row->run->id().' '.$row->entry()->key]) ? null : LoggedProblem::of($row->run, $row->entry());
            if (null !== $problem) {
                $problems[] = $problem;
            }
        }
        usort($problems, static fn (LoggedProblem $one, LoggedProblem $other): int => $other->entry->at <=> $one->entry->at);

        return $problems;
    }

    /** @return array<string, list<string>> ids of runs by id of their frame, the oldest first */
    private function loads(Studio $studio): array
    {
        $loads = [];
        foreach ($this->runs->findAllOf($studio) as $run) {
            $frame = $run->quilt->frame();
            if (null !== $frame) {
                $loads[(string) $frame->id()][] = (string) $run->id();
            }
        }

        return $loads;
    }
}
