<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** All steps of one quilt in the order of the work, from the frame as it stood before. */
final readonly class StepList
{
    /** @param list<Step> $steps */
    public function __construct(public FrameState $start, public array $steps, private ClothState $bare) {}

    /** @return list<ClothState> where the cloth is after each step */
    public function cloths(): array
    {
        [$cloth, $cloths] = [$this->bare, []];
        foreach ($this->steps as $step) {
            $cloths[] = $cloth = null === $step->does ? $cloth : ($step->does)($cloth);
        }

        return $cloths;
    }

    public function count(): int
    {
        return \count($this->steps);
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn(Step $step): float => $step->minutes, $this->steps));
    }

    /** Until the first stitch of the quilting: all that is loading. */
    public function minutesOfLoading(): float
    {
        $minutes = 0.0;
        foreach ($this->steps as $step) {
            if (StepKind::Stitch === $step->kind) {
                break;
            }
            $minutes += $step->minutes;
        }

        return $minutes;
    }

    /** @return int|null its place, from 0 */
    public function placeOf(string $key): ?int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->key === $key) {
                return $i;
            }
        }

        return null;
    }

    /** How the frame stands before the step at this place, all before it being done. */
    public function stateBefore(int $place): FrameState
    {
        $state = $this->start;
        foreach (\array_slice($this->steps, 0, $place) as $step) {
            $state = $state->with($step->leaves);
        }

        return $state;
    }

    /** @return list<non-empty-list<Step>> in the order of the work, parted where another part of it begins */
    public function runs(): array
    {
        [$runs, $run] = [[], []];
        foreach ($this->steps as $step) {
            if ([] !== $run && $run[0]->group !== $step->group) {
                $runs[] = $run;
                $run = [];
            }
            $run[] = $step;
        }

        return [] === $run ? $runs : [...$runs, $run];
    }

    /** @return array<string, list<Step>> by the words of Group, in the order in which each first comes */
    public function byGroup(): array
    {
        $groups = [];
        foreach ($this->steps as $step) {
            $groups[$step->group->value][] = $step;
        }

        return $groups;
    }
}
