<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\Choice;
use Schwung\Core\Direction\Direction;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BattingRule;
use Schwung\Core\Sizing\RemedyFinder;
use Schwung\Core\Sizing\TopMeasuring;
use Schwung\Core\Sizing\UsableBacking;

/** The front door of the core: a job in, its plan out. A plan that cannot be carried out is a result, not an error. */
final readonly class Planner
{
    public function __construct(private Practice $practice)
    {
    }

    /** @throws \Schwung\Core\Measure\Exception\ImpossibleQuadrilateral if the backing's measures cannot be */
    public function plan(Job $job): Plan
    {
        $top = (new TopMeasuring())->measure($job->top);
        $cloth = UsableBacking::of($job->backing);
        $directions = [
            Direction::AsIs->value => $this->direction($job, $cloth, Direction::AsIs),
            Direction::Turned->value => $this->direction($job, $cloth, Direction::Turned),
        ];
        [$chosen, $decidedBy] = (new Choice())->choose($job->load->direction, $directions['as-is']->backing, $directions['turned']->backing);
        $chosenPlan = $directions[$chosen->value];
        $batting = null === $job->batting
            ? null
            : (new BattingRule($this->practice))->check($job->batting, $job->top, $job->load, $chosen, $chosenPlan->backing);

        return new Plan(
            $job,
            $top,
            $cloth,
            $cloth->squaredUp(),
            $directions,
            $chosen,
            $decidedBy,
            $batting,
            (new Findings($this->practice))->collect($job, $top, $chosenPlan, $batting),
            $this->skipped($job),
        );
    }

    private function direction(Job $job, UsableBacking $cloth, Direction $direction): DirectionPlan
    {
        $check = (new BackingRule($this->practice))->check($job->top, $cloth, $job->load, $direction);
        $remedies = (new RemedyFinder($this->practice, $job->units))->find($job->top, $job->backing, $cloth, $job->load, $direction, $job->frame->methods, $check);

        return new DirectionPlan($direction, $check, $remedies);
    }

    /** @return list<string> */
    private function skipped(Job $job): array
    {
        return match (true) {
            null === $job->batting => ['/batting'],
            null === $job->batting->opened => ['/batting/opened'],
            default => [],
        };
    }
}
