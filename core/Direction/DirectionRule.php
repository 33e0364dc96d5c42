<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\CourseRule;
use Schwung\Core\Advance\Ridge;
use Schwung\Core\Advance\Roll;
use Schwung\Core\Advance\Section;
use Schwung\Core\Advance\SectionRule;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\UsableBacking;

/** Everything that rules 3 to 12 say of a job loaded one way round. */
final readonly class DirectionRule
{
    public function __construct(private Practice $practice) {}

    public function plan(Job $job, UsableBacking $cloth, Direction $direction): DirectionPlan
    {
        $check = (new BackingRule($this->practice))->check($job->top, $cloth, $job->load, $direction);
        $roll = $this->roll($job);
        $sections = $this->sections($job, $direction);
        $course = null === $roll ? null : $this->course($job, $roll, $direction);

        return new DirectionPlan(
            direction: $direction,
            backing: $check,
            sections: $sections,
            blockers: $this->blockers($job, $direction, $sections, $check, $course),
            stretch: StretchLie::of($job->backing->stretch, $direction),
            keepsUp: TopEdge::Top === $job->top->edgeAt($direction, End::Lead) ||
                !$job->top->directional ||
                true !== $job->quilting?->isDirectional,
            course: $course,
            ridge: null === $roll
                ? null
                : (new Ridge($roll, $this->practice->thickness))->height(
                    $job->backing,
                    $direction,
                    $job->top->along($direction),
                ),
            seamWinds: [] !== $job->backing->seamsRollerToRoller($direction),
        );
    }

    private function course(Job $job, Roll $roll, Direction $direction): ?Course
    {
        $rule = new CourseRule($roll, $this->practice->outOfReach($job->load->lead, $job->float()));

        return match (true) {
            Purpose::Basting === $job->desk->habits->purpose => $rule->basting($job->top, $direction),
            null === $job->quilting => null,
            default => $rule->plan($job->quilting, $job->top, $direction),
        };
    }

    private function roll(Job $job): ?Roll
    {
        return null === $job->batting
            ? null
            : new Roll(
                $job->frame,
                $this->practice->thickness->ofSandwich(
                    $job->backing->kind,
                    $job->batting,
                    $this->practice->taught->factor($job->backing->kind, $job->batting->kind),
                ),
                $this->practice->thickness->ofLeader(),
                $this->practice->bulk($job->load->lead),
            );
    }

    /** @return list<Section> none where sections cannot reach the whole of it */
    private function sections(Job $job, Direction $direction): array
    {
        $across = $job->top->across($direction);

        return $job->frame->kind->worksInSections()
            ? (new SectionRule($this->practice->sectionOverlap))->sections(
                $across,
                $job->frame->usableAcross(),
                $job->top->seamsRollerToRoller($direction),
            )
            : [new Section(1, Length::zero(), $across, null)];
    }

    /**
     * @param list<Section> $sections
     *
     * @return list<Blocker>
     */
    private function blockers(
        Job $job,
        Direction $direction,
        array $sections,
        BackingCheck $check,
        ?Course $course,
    ): array {
        $frame = $job->frame;
        $isOutOfReach =
            [] === $sections ||
            (!$frame->kind->worksInSections() && $job->top->across($direction)->isLongerThan($frame->usableAcross()));
        $blockers = [
            $isOutOfReach ? Blocker::Reach : null,
            null !== $frame->leaderWidth() && $check->required->across->length()->isLongerThan($frame->leaderWidth())
                ? Blocker::Leader
                : null,
            null !== $course && !$course->passes->isComplete() ? Blocker::Row : null,
            null !== $course?->passes->firstTooThick() ? Blocker::Roll : null,
        ];

        return array_values(array_filter($blockers));
    }
}
