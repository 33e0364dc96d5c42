<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\Blocker;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Direction\StretchLie;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** What the quilter should know of the way round that is taken: what blocks it, and what it does to the cloth. */
final readonly class DirectionFindings
{
    /** @return list<Finding> */
    public function collect(Job $job, DirectionPlan $chosen): array
    {
        return array_values(
            array_filter([
                $this->ofReach($job, $chosen),
                $this->ofLeader($job, $chosen),
                $this->ofStretch($chosen),
                $this->ofRidge($chosen),
                ...$this->ofUps($job, $chosen),
            ]),
        );
    }

    private function ofReach(Job $job, DirectionPlan $chosen): ?Finding
    {
        return !\in_array(Blocker::Reach, $chosen->blockers, true)
            ? null
            : new Finding(
                FindingCode::Reach,
                Phrase::of(
                    'The top is %s across, but the needle gets to %s only. Turn it, or take a wider frame.',
                    Figure::measured($job->top->across($chosen->direction)),
                    Figure::left($job->frame->usableAcross()),
                ),
                '/frame/rail',
            );
    }

    private function ofLeader(Job $job, DirectionPlan $chosen): ?Finding
    {
        return !\in_array(Blocker::Leader, $chosen->blockers, true)
            ? null
            : new Finding(
                FindingCode::Leader,
                Phrase::of(
                    'The backing needs %s across, but the leader is %s wide.',
                    $chosen->backing->required->across->figure,
                    Figure::left($job->frame->leaderWidth() ?? Length::zero()),
                ),
                '/frame/leader_width',
            );
    }

    private function ofStretch(DirectionPlan $chosen): ?Finding
    {
        return StretchLie::RollerToRoller !== $chosen->stretch
            ? null
            : new Finding(
                FindingCode::StretchRollerToRoller,
                Phrase::of(
                    'The backing stretches from lead to tail: every advance pulls it out of shape. ' .
                        'Turn it, or advance with a loose hand.',
                ),
                '/backing/stretch',
            );
    }

    private function ofRidge(DirectionPlan $chosen): ?Finding
    {
        return !$chosen->hasRidge()
            ? null
            : new Finding(
                FindingCode::SeamRidge,
                Phrase::of(
                    'The backing seam winds on itself and stands %s mm proud by the end (an estimate): the sides ' .
                        'will wind slack.',
                    number_format($chosen->ridge?->length()->toMillimetres() ?? 0, 1),
                ),
                '/backing/seams',
            );
    }

    /** @return list<Finding|null> what has an up, and where it points */
    private function ofUps(Job $job, DirectionPlan $chosen): array
    {
        $lead = $job->top->edgeAt($chosen->direction, End::Lead);
        $liesOtherwise = TopEdge::Top !== $lead;

        return [
            $chosen->keepsUp
                ? null
                : new Finding(
                    FindingCode::DesignOnItsSide,
                    Phrase::of(
                        TopEdge::Bottom === $lead
                            ? 'Led by its bottom edge, the top lies upside down under the design.'
                            : 'Turned, the design lies on its side against the up of the top.',
                    ),
                    '/quilting/directional',
                ),
            $liesOtherwise && $chosen->keepsUp && $job->top->directional
                ? new Finding(
                    FindingCode::TopOnItsSide,
                    Phrase::of("The top has an up: its $lead->value edge leads, so that it points {$lead->up()}."),
                    '/top/directional',
                )
                : null,
            $liesOtherwise && $job->backing->directional
                ? new Finding(
                    FindingCode::PrintOnItsSide,
                    Phrase::of(
                        "The print of the backing has an up, and turns with the top: it points {$lead->up()}. " .
                            'See that they agree.',
                    ),
                    '/backing/directional',
                )
                : null,
        ];
    }
}
