<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Advance\Course;
use Schwung\Core\Advance\Ridge;
use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Direction\Blocker;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Direction\StretchLie;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Practice;

/** What the quilter should know of the way round that is taken: what blocks it, and what it does to the cloth. */
final readonly class DirectionFindings
{
    public function __construct(private Practice $practice)
    {
    }

    /** @return list<Finding> */
    public function collect(Job $job, DirectionPlan $chosen): array
    {
        return [
            ...array_map(fn (Blocker $blocker): Finding => $this->ofBlocker($blocker, $job, $chosen), $chosen->blockers),
            ...$this->ofLeader($job, $chosen),
            ...$this->ofCloth($job, $chosen),
            ...(null === $chosen->course?->rows ? [] : $this->ofRows($job, $chosen, $chosen->course->rows)),
        ];
    }

    private function ofBlocker(Blocker $blocker, Job $job, DirectionPlan $chosen): Finding
    {
        return match ($blocker) {
            Blocker::Reach => new Finding('reach', Level::Error, Phrase::of('The top is %s across, but the needle gets to %s only. Turn it, or take a wider frame.', Figure::measured($job->top->across($chosen->direction)), Figure::left($job->frame->usableAcross())), '/frame/rail'),
            Blocker::Leader => new Finding('leader', Level::Error, Phrase::of('The backing needs %s across, but the leader is %s wide.', $chosen->backing->required->across->figure, Figure::left($job->frame->leaderWidth ?? Length::zero())), '/frame/leader_width'),
            Blocker::Row => new Finding('row', Level::Error, $chosen->course->passes->obstacle ?? Phrase::of('No pass can be made.'), '/quilting'),
            Blocker::Roll => $this->ofRoll($job, $chosen->course),
        };
    }

    private function ofRoll(Job $job, ?Course $course): Finding
    {
        $pass = $course?->passes->firstTooThick();

        return new Finding('roll', Level::Error, null === $pass ? Phrase::of('The roll does not go under the arm.') : Phrase::of(
            "At pass {$pass->number} the roll is %s thick, but only %s goes under the arm.", $pass->rollDiameter()->figure, Figure::left($job->frame->armClearance),
        ), '/frame/arm_clearance');
    }

    /** @return list<Finding> */
    private function ofLeader(Job $job, DirectionPlan $chosen): array
    {
        $leader = $job->frame->leaderWidth;
        if (null === $leader || \in_array(Blocker::Leader, $chosen->blockers, true)) {
            return [];
        }
        $findings = [];
        if ($chosen->backing->squaredUp->across->isLongerThan($leader)) {
            $findings[] = new Finding('backing-wider-than-leader', Level::Warning, Phrase::of('The backing is %s across, wider than the %s leader: trim it or fold its sides in.', Figure::measured($chosen->backing->squaredUp->across), Figure::left($leader)), '/backing');
        }
        foreach (End::cases() as $end) {
            $wanted = $chosen->backing->required->across->length()->plus(Length::inches(8));
            if (HoldingSystem::ChannelClips === $job->load->holdingAt($end) && $wanted->isLongerThan($leader)) {
                $findings[] = new Finding('leader-narrow-for-clips', Level::Info, Phrase::of("Clips at the {$end->value} want %s of leader; there is %s, so they end near the cloth's sides.", Figure::needed($wanted), Figure::left($leader)), '/load/'.$end->value);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function ofCloth(Job $job, DirectionPlan $chosen): array
    {
        $ridge = $chosen->ridge?->length()->toMillimetres() ?? 0.0;
        $isTurned = Direction::Turned === $chosen->direction;
        $findings = [
            StretchLie::RollerToRoller === $chosen->stretch ? new Finding('stretch-roller-to-roller', Level::Warning, Phrase::of('The backing stretches from roller to roller: every advance pulls it out of shape. Turn it, or advance with a loose hand.'), '/backing/stretch') : null,
            $ridge >= Ridge::SLACK_MILLIMETRES ? new Finding('seam-ridge', Level::Warning, Phrase::of('The backing seam winds on itself and stands %s mm proud by the end (an estimate): the sides will wind slack.', number_format($ridge, 1)), '/backing/seams') : null,
            !$chosen->keepsUp ? new Finding('design-on-its-side', Level::Warning, Phrase::of('Turned, the design lies on its side against the up of the top.'), '/quilting/directional') : null,
            $isTurned && $chosen->keepsUp && $job->top->directional ? new Finding('top-on-its-side', Level::Info, Phrase::of('The top has an up, and lies turned: its left edge leads.'), '/top/directional') : null,
            $isTurned && $job->backing->directional ? new Finding('print-on-its-side', Level::Info, Phrase::of('The print of the backing has an up, and turns with the top: see that they agree.'), '/backing/directional') : null,
        ];

        return array_values(array_filter($findings));
    }

    /** @return list<Finding> */
    private function ofRows(Job $job, DirectionPlan $chosen, RowLayout $rows): array
    {
        $free = $chosen->backing->required->margins->freeAt(End::Tail, $this->practice->grip($job->load->tail, End::Tail));
        $findings = [
            $rows->hasFallenBack() ? new Finding('finish-not-possible', Level::Info, Phrase::of('The design cannot be made to end at the tail that way: it runs off.'), '/quilting/finish') : null,
            Finish::RunOff === $rows->finish && $rows->beyondTail()->isLongerThan($free) ? new Finding('run-off-past-tail', Level::Warning, Phrase::of('The last row ends %s beyond the tail edge, but only %s of backing is free there.', Figure::measured($rows->beyondTail()), Figure::left($free)), '/quilting/finish') : null,
        ];

        return array_values(array_filter($findings));
    }
}
