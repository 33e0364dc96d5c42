<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Attachment\HoldingRule;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Direction\ChoiceRule;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Direction\DirectionRule;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingRule;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\TopMeasuring;
use Schwung\Core\Sizing\UsableBacking;

/** A job in, its plan out. A plan that cannot be carried out is a result, not an error. */
final readonly class Planner
{
    public function __construct(private Practice $practice) {}

    /** @throws \Schwung\Core\Measure\Exception\ImpossibleQuadrilateral if the backing's measures cannot be */
    public function plan(Job $job): Plan
    {
        $top = (new TopMeasuring())->measure($job->top);
        $cloth = UsableBacking::of($job->backing);
        $rule = new DirectionRule($this->practice);
        $directions = [
            'as-is' => $rule->plan($job, $cloth, Direction::AsIs),
            'turned' => $rule->plan($job, $cloth, Direction::Turned),
        ];
        $choice = (new ChoiceRule())->choose(
            $job->load->wish(),
            $directions['as-is'],
            $directions['turned'],
            $job->backing->kind->isStretchy(),
        );
        $chosen = $directions[$choice->chosen->value];
        $batting =
            null === $job->batting
                ? null
                : (new BattingRule($this->practice))->check(
                    $job->batting,
                    $job->top,
                    $job->load,
                    $choice->chosen,
                    $chosen->backing,
                );
        $held = (new HoldingRule(new AttachmentRule($this->practice)))->hold(
            $job->load,
            $job->frame->stock,
            new LoadedEdges($job, $top, $chosen, Length::zero(), practice: $this->practice),
        );

        return new Plan(
            job: $job,
            top: $top,
            cloth: $cloth,
            squaredUp: $cloth->squaredUp(),
            directions: $directions,
            choice: $choice,
            batting: $batting,
            held: $held,
            findings: $this->findings($job, $top, $chosen, $batting, $held),
            skipped: $this->skipped($job, $held),
        );
    }

    /** @return list<Finding> */
    private function findings(
        Job $job,
        MeasuredTop $top,
        DirectionPlan $chosen,
        ?BattingCheck $batting,
        HeldEnds $held,
    ): array {
        return [
            ...(new TopFindings())->collect($top),
            ...(new ClothFindings($this->practice))->collect($job, $chosen, $batting),
            ...(new SuitFindings($this->practice))->collect($job, $chosen->direction),
            ...(new DirectionFindings())->collect($job, $chosen),
            ...(new PassFindings($this->practice))->collect($job, $chosen),
            ...(new AttachmentFindings($this->practice))->collect($job, $chosen, $held),
        ];
    }

    /** @return list<string> */
    private function skipped(Job $job, HeldEnds $held): array
    {
        $uncounted = array_keys(
            array_filter($held->byEdge(), static fn(mixed $attachment): bool => null === $attachment),
        );

        return array_values(
            array_filter([
                null === $job->batting ? '/batting' : (null === $job->batting->opened ? '/batting/opened' : null),
                null === $job->quilting ? '/quilting' : null,
                ...array_map(static fn(string $edge): string => "/load/$edge/stock", $uncounted),
            ]),
        );
    }
}
