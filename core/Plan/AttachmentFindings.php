<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Attachment\PinPlanner;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;

/** What the quilter should know of how the ends are held. */
final readonly class AttachmentFindings
{
    public function __construct(private Practice $practice)
    {
    }

    /**
     * @param array{lead: Attachment|null, tail: Attachment|null} $attachments
     *
     * @return list<Finding>
     */
    public function collect(Job $job, DirectionPlan $chosen, LoadedEdges $edges, array $attachments): array
    {
        $findings = [];
        foreach (End::cases() as $end) {
            $attachment = $attachments[$end->value];
            if (null !== $attachment) {
                $findings[] = $this->ofPins($job, $chosen, $edges, $attachment, $end);
                $findings[] = $this->ofStock($attachment, $end);
                $findings[] = $this->ofPull($job, $attachment, $end);
            }
        }

        return array_values(array_filter($findings));
    }

    /** The pull evens out over about one spacing: further apart than the cloth before the top, and the top shows it. */
    private function ofPins(Job $job, DirectionPlan $chosen, LoadedEdges $edges, Attachment $attachment, End $end): ?Finding
    {
        $school = $job->load->habitAt($end)->school;
        if (HoldingSystem::Pins !== $attachment->system || PinSchool::Ticks === $school) {
            return null;
        }
        $wanted = PinPlanner::wantedSpacing($school, $edges->backing($end));
        $free = $chosen->backing->required->margins->freeAt($end, $this->practice->grip(HoldingSystem::Pins, $end));
        if (!$wanted->isLongerThan($free)) {
            return null;
        }
        $level = $wanted->times(2)->isLongerThan($free->times(3)) ? Level::Warning : Level::Info;

        return new Finding('pin-spacing-over-margin', $level, Phrase::of(
            "Pins up to %s apart at the {$end->value}, with only %s of cloth before the top: the pull may show in its edge.", Figure::measured($wanted), Figure::left($free),
        ), '/load/'.$end->value);
    }

    private function ofStock(Attachment $attachment, End $end): ?Finding
    {
        if (null === $attachment->missing) {
            return null;
        }

        return HoldingSystem::ChannelClips === $attachment->system
            ? new Finding('clips-short', Level::Error, Phrase::of("The clips at hand are %s short of the {$end->value} edge.", $attachment->missing->figure), '/load/'.$end->value)
            : new Finding('stock-short', Level::Warning, Phrase::of("Too few pieces at the {$end->value}: ".lcfirst($attachment->missing->rule)), '/load/'.$end->value);
    }

    /** Cloth that gives pulls out between pieces far apart; too little cloth for a hold is a margin's finding. */
    private function ofPull(Job $job, Attachment $attachment, End $end): ?Finding
    {
        $isWide = \in_array($attachment->system, [HoldingSystem::Pins, HoldingSystem::Magnets], true) && PinSchool::Wide === $job->load->habitAt($end)->school;

        return $isWide && $job->backing->kind->isStretchy() ? new Finding('pull-out', Level::Warning, Phrase::of("A backing that stretches pulls out between pieces so far apart: set them closer at the {$end->value}."), '/load/'.$end->value) : null;
    }
}
