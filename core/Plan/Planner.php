<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Direction\ChoiceRule;
use Schwung\Core\Direction\DirectionRule;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
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

        $edges = new LoadedEdges($job, $top, $chosenPlan, Length::zero());
        $attachments = $this->attachments($job, $edges);

        return new Plan(
            $job,
            $top,
            $cloth,
            $cloth->squaredUp(),
            $directions,
            $choice,
            $batting,
            $attachments,
            [...(new Findings($this->practice))->collect($job, $top, $chosenPlan, $batting), ...(new AttachmentFindings($this->practice))->collect($job, $chosenPlan, $edges, $attachments)],
            $this->skipped($job, $attachments),
        );
    }

    /** @return array{lead: Attachment|null, tail: Attachment|null} null where clips are wanted and none are named */
    private function attachments(Job $job, LoadedEdges $edges): array
    {
        $plan = static fn (End $end): ?Attachment => (new AttachmentRule())->plan($job->load->holdingAt($end), $job->load->habitAt($end), $edges->backing($end));

        return ['lead' => $plan(End::Lead), 'tail' => $plan(End::Tail)];
    }

    /**
     * @param array{lead: Attachment|null, tail: Attachment|null} $attachments
     *
     * @return list<string>
     */
    private function skipped(Job $job, array $attachments): array
    {
        return array_values(array_filter([
            null === $job->batting ? '/batting' : (null === $job->batting->opened ? '/batting/opened' : null),
            null === $job->quilting ? '/quilting' : null,
            null === $attachments['lead'] ? '/load/lead/stock' : null,
            null === $attachments['tail'] ? '/load/tail/stock' : null,
        ]));
    }
}
