<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\Sighting;
use Schwung\Core\Tension\Symptom;

/** Gathers what was seen on every frame over many quilts, what keeps coming back, and what helped. */
final readonly class TensionRoom
{
    public function __construct(
        private StudioFrameRepository $frames,
        private ProblemLog $log,
        private RoomMemory $memory,
    ) {}

    public function open(Studio $studio, ProblemFilter $filter, UnitSystem $units): RoomView
    {
        $problems = $this->log->problems($studio);
        $loads = $this->log->loads($studio);
        $patterns = $this->find($loads, $problems);
        $remedies = $this->remedies($studio, $problems);
        $shown = array_filter(
            $this->frames->findOf($studio),
            static fn(StudioFrame $frame): bool => \in_array($filter->frame, ['', (string) $frame->id()], true),
        );
        $frames = array_map(static function (StudioFrame $frame) use (
            $problems,
            $loads,
            $patterns,
            $remedies,
            $filter,
            $units,
        ): FrameProblems {
            $id = (string) $frame->id();
            $here = array_values(
                array_filter(
                    $problems,
                    static fn(LoggedProblem $problem): bool => $problem->frame === $id && $filter->lets($problem),
                ),
            );

            return new FrameProblems(
                $frame,
                $here,
                array_values(array_filter($patterns, static fn(Pattern $pattern): bool => $pattern->frame === $id)),
                [] === $here ? null : (new RailPicture($units))->draw($frame, $here),
                \count($loads[$id] ?? []),
                $remedies[$id] ?? [],
            );
        }, array_values($shown));

        return new RoomView($frames, $this->quilts($problems));
    }

    /** @return list<Pattern> what keeps coming back on this frame: what the next quilt there has to expect */
    public function patternsOn(StudioFrame $frame): array
    {
        $studio = $frame->studio;
        $patterns = $this->memory->patterns(
            $studio,
            fn(): array => $this->find($this->log->loads($studio), $this->log->problems($studio)),
        );

        return array_values(
            array_filter($patterns, static fn(Pattern $pattern): bool => $pattern->frame === (string) $frame->id()),
        );
    }

    /**
     * @param array<string, list<string>> $loads
     * @param list<LoggedProblem>         $problems
     *
     * @return list<Pattern>
     */
    private function find(array $loads, array $problems): array
    {
        $placed = array_values(
            array_filter($problems, static fn(LoggedProblem $problem): bool => $problem->hasPlace()),
        );

        return (new PatternRule())->find(
            $loads,
            array_map(static fn(LoggedProblem $problem): Sighting => $problem->sighting(), $placed),
        );
    }

    /**
     * @param list<LoggedProblem> $problems
     *
     * @return array<string, array{string, string}> id and title by id of the run
     */
    private function quilts(array $problems): array
    {
        $quilts = [];
        foreach ($problems as $problem) {
            $quilts[$problem->run] = [$problem->quilt, $problem->title];
        }

        return $quilts;
    }

    /** @return list<Remedy> what was done against this symptom on this frame, the one that helped most often first */
    public function tried(StudioFrame $frame, Symptom $symptom): array
    {
        $remedies =
            $this->remedies($frame->studio, $this->log->problems($frame->studio, $frame))[(string) $frame->id()] ?? [];

        return array_values(array_filter($remedies, static fn(Remedy $remedy): bool => $remedy->symptom === $symptom));
    }

    /**
     * @param list<LoggedProblem> $problems
     *
     * @return array<string, list<Remedy>> by id of the frame, the one that helped most often first
     */
    private function remedies(Studio $studio, array $problems): array
    {
        $seen = [];
        foreach ($problems as $problem) {
            $seen[$problem->run . ' ' . $problem->key] = $problem;
        }
        $remedies = [];
        foreach ($this->log->fixes($studio) as $fix) {
            $problem = $seen[$fix['run'] . ' ' . $fix['of']] ?? null;
            if (null !== $problem?->frame) {
                $key = $problem->symptom->value . ' ' . $fix['cause'];
                $remedies[$problem->frame][$key] = (
                    $remedies[$problem->frame][$key] ?? new Remedy($problem->symptom, $fix['cause'])
                )->with($fix['action'], $fix['worked']);
            }
        }

        return array_map(static function (array $here): array {
            usort(
                $here,
                static fn(Remedy $one, Remedy $other): int => $other->helped <=> $one->helped ?:
                $one->tried <=> $other->tried,
            );

            return $here;
        }, $remedies);
    }
}
