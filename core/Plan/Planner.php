<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\ChoiceRule;
use Schwung\Core\Direction\Direction;
use Schwung\Core\Direction\DirectionRule;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BattingRule;
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
        $rule = new DirectionRule($this->practice);
        $directions = [
            Direction::AsIs->value => $rule->plan($job, $cloth, Direction::AsIs),
            Direction::Turned->value => $rule->plan($job, $cloth, Direction::Turned),
        ];
        $choice = (new ChoiceRule())->choose($job->load->direction, $directions['as-is'], $directions['turned'], $job->backing->kind->isStretchy());
        $chosenPlan = $directions[$choice->chosen->value];
        $batting = null === $job->batting
            ? null
            : (new BattingRule($this->practice))->check($job->batting, $job->top, $job->load, $choice->chosen, $chosenPlan->backing);

        return new Plan(
            $job,
            $top,
            $cloth,
            $cloth->squaredUp(),
            $directions,
            $choice,
            $batting,
            (new Findings($this->practice))->collect($job, $top, $chosenPlan, $batting),
            $this->skipped($job),
        );
    }

    /** @return list<string> */
    private function skipped(Job $job): array
    {
        return array_values(array_filter([
            null === $job->batting ? '/batting' : (null === $job->batting->opened ? '/batting/opened' : null),
            null === $job->quilting ? '/quilting' : null,
        ]));
    }
}
