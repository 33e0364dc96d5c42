<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\ClipBounds;
use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\PinSchool;
use Schwung\Core\Practice\Practice;

/** What the quilter should know of how the ends and the top's own edge are held (rule 14). */
final readonly class AttachmentFindings
{
    public function __construct(private Practice $practice) {}

    /** @return list<Finding> */
    public function collect(Job $job, DirectionPlan $chosen, HeldEnds $held): array
    {
        $findings = [$this->ofWidth($job, $chosen)];
        foreach (End::cases() as $end) {
            $attachment = $held->at($end);
            $findings[] = $this->ofNarrowLeader($job, $chosen, $end);
            $findings[] = null === $attachment ? null : $this->ofPins($job, $chosen, $attachment, $end);
            $findings[] = null === $attachment ? null : $this->ofPull($job, $attachment, $end);
        }
        foreach ($held->byEdge() as $edge => $attachment) {
            $findings[] = null === $attachment ? $this->uncounted($edge) : $this->ofStock($attachment, $edge);
        }

        return array_values(array_filter($findings));
    }

    private function ofWidth(Job $job, DirectionPlan $chosen): ?Finding
    {
        $leader = $job->frame->leaderWidth();
        $across = $chosen->backing->squaredUp->across;

        return null === $leader || !$across->isLongerThan($leader)
            ? null
            : new Finding(
                FindingCode::BackingWiderThanLeader,
                Phrase::of(
                    'The backing is %s across, wider than the %s leader: trim it or fold its sides in.',
                    Figure::measured($across),
                    Figure::left($leader),
                ),
                '/backing',
            );
    }

    private function ofNarrowLeader(Job $job, DirectionPlan $chosen, End $end): ?Finding
    {
        $leader = $job->frame->leaderWidth();
        $needed = $chosen->backing->required->across->length();
        $wanted = ClipBounds::wanted($needed, $this->practice->at(Distance::ClipBeyond));
        if (
            HoldingSystem::ChannelClips !== $job->load->holdingAt($end) ||
            null === $leader ||
            $needed->isLongerThan($leader) ||
            !$wanted->isLongerThan($leader)
        ) {
            return null;
        }

        return new Finding(
            FindingCode::LeaderNarrowForClips,
            Phrase::of(
                "Clips at the {$end->value} want %s of leader; there is %s, so they end near the cloth's sides.",
                Figure::needed($wanted),
                Figure::left($leader),
            ),
            '/load/' . $end->value,
        );
    }

    /**
     * The pull evens out over about one spacing: much further apart than the cloth before the top, and the top shows
     * it.
     */
    private function ofPins(Job $job, DirectionPlan $chosen, Attachment $attachment, End $end): ?Finding
    {
        if (HoldingSystem::Pins !== $attachment->system || PinSchool::Ticks === $job->load->habitAt($end)->school) {
            return null;
        }
        $placed = $attachment->spacing?->length() ?? Length::zero();
        $free = $chosen->backing->laid->freeAt($end, $this->practice->grip(HoldingSystem::Pins, $end));
        $isMuch = $placed->isLongerThan($free->times(2));

        return !$placed->times(2)->isLongerThan($free->times(3))
            ? null
            : new Finding(
                FindingCode::PinSpacingOverMargin,
                Phrase::of(
                    "Pins %s apart at the {$end->value}, with only %s of cloth before the top: the pull may show in " .
                        'its edge.',
                    Figure::measured($placed),
                    Figure::left(Length::longest(Length::zero(), $free)),
                ),
                '/load/' . $end->value,
                $isMuch ? Level::Warning : Level::Info,
            );
    }

    private function uncounted(string $edge): Finding
    {
        return new Finding(
            FindingCode::ClipsUncounted,
            Phrase::of("Clips are to hold the $edge, and nobody counted them."),
            '/load/' . $edge,
        );
    }

    private function ofStock(Attachment $attachment, string $edge): ?Finding
    {
        if (null === $attachment->missing) {
            return null;
        }

        return HoldingSystem::ChannelClips === $attachment->system
            ? new Finding(
                FindingCode::ClipsShort,
                Phrase::of("Not yet: the clips at hand are %s short of the $edge edge.", $attachment->missing->figure),
                '/load/' . $edge,
            )
            : new Finding(
                FindingCode::StockShort,
                Phrase::of("Too few pieces at the $edge: " . lcfirst($attachment->missing->rule)),
                '/load/' . $edge,
            );
    }

    /** Cloth that gives pulls out between pieces far apart; too little cloth for a hold is a margin's finding. */
    private function ofPull(Job $job, Attachment $attachment, End $end): ?Finding
    {
        $isWide =
            \in_array($attachment->system, [HoldingSystem::Pins, HoldingSystem::Magnets], true) &&
            PinSchool::Wide === $job->load->habitAt($end)->school;

        return !$isWide || !$job->backing->kind->isStretchy()
            ? null
            : new Finding(
                FindingCode::PullOut,
                Phrase::of(
                    'A backing that stretches pulls out between pieces so far apart: set them closer at the ' .
                        "{$end->value}.",
                ),
                '/load/' . $end->value,
            );
    }
}
