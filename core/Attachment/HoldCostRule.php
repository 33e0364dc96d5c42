<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\MeasuredTop;

/** Works out what every holding system would cost at an end of this quilt, each with all its pieces at hand. */
final readonly class HoldCostRule
{
    public function __construct(private Practice $practice) {}

    /** @return list<HoldCost> in the order of HoldingSystem */
    public function costs(Job $job, MeasuredTop $top, DirectionPlan $chosen): array
    {
        $edge = (new LoadedEdges($job, $top, $chosen, Length::zero(), practice: $this->practice))->backing(End::Lead);
        $rule = new AttachmentRule($this->practice);

        return array_map(function (HoldingSystem $system) use ($job, $edge, $rule): HoldCost {
            $attachment = $rule->plan(
                $system,
                new HoldHabit($job->load->leadHabit->school, $job->frame->stock->of($system)),
                $edge,
            );

            return new HoldCost(
                $system,
                $this->practice->grip($system, End::Lead)->total(),
                $this->practice->grip($system, End::Tail)->total(),
                null === $attachment?->missing ? $attachment?->minutes() : null,
            );
        }, HoldingSystem::cases());
    }
}
