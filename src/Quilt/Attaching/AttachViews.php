<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Drawing\Picture;
use App\Shelf\Holding\OnRail;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\DriftMarkers;
use Schwung\Core\Attachment\FloatRule;
use Schwung\Core\Attachment\HoldProposal;
use Schwung\Core\Attachment\HoldProposalRule;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Preparation\FetchList;
use Schwung\Core\Preparation\Holding;
use Schwung\Core\Preparation\Preparation;

/** Draws how a quilt is held, from what its preparation has worked out. */
final readonly class AttachViews
{
    public function __construct(private UnitSystem $units) {}

    /**
     * Null while nothing is planned.
     *
     * @param array<string, string> $wanted the title of another quilt that wants a hold that day, by the words of
     *   HoldingSystem
     * @param list<OnRail> $away pieces that hang on another frame then
     */
    public function of(Preparation $preparation, array $wanted = [], array $away = []): ?AttachView
    {
        [$plan, $holding] = [$preparation->kept(), $preparation->holding()];
        if (null === $plan || null === $holding) {
            return null;
        }
        $practice = $preparation->known->practice;
        $floats = new FloatRule($practice);

        return new AttachView(
            edges: $this->edges($preparation, $plan, $holding),
            minutes: $holding->ends->minutes(),
            positions: $holding->places(),
            position: $holding->place,
            markers: $this->markers($plan, $holding),
            floats: $floats->options($plan->job, $plan->chosenPlan()),
            holdsEnd: $floats->holdingTheEnd($plan->job, $plan->chosenPlan()),
            proposals: $this->proposals($preparation, $plan, $wanted),
            fetch: (new FetchList($preparation->known->practice))->of(
                $plan,
                $holding->ends,
                $preparation->isOneAlready(),
            ),
            kind: $plan->job->frame->kind,
            away: $away,
        );
    }

    /**
     * @param array<string, string> $wanted
     *
     * @return array<string, list<HoldProposal>> best first, by the end
     */
    private function proposals(Preparation $preparation, Plan $plan, array $wanted): array
    {
        $rule = new HoldProposalRule($preparation->known->practice, $preparation->known->body, $wanted);
        $proposals = [];
        foreach (End::cases() as $end) {
            $proposals[$end->value] = $rule->propose($plan->job, $plan->top, $plan->chosenPlan(), $end);
        }

        return $proposals;
    }

    /** @return array<string, Picture> of every rail with pieces on it, by the edge that it holds */
    public function strips(Plan $plan, Holding $holding): array
    {
        $strips = [];
        foreach ($holding->ends->byEdge() as $edge => $attachment) {
            if (null !== $attachment && [] !== $attachment->pieces) {
                $strips[$edge] = $this->strip($edge, $attachment, $plan, $holding);
            }
        }

        return $strips;
    }

    /** @return list<HeldEdge> */
    private function edges(Preparation $preparation, Plan $plan, Holding $holding): array
    {
        $strips = $this->strips($plan, $holding);
        $edges = [];
        foreach ($holding->ends->byEdge() as $edge => $attachment) {
            $system = 'top' === $edge ? $plan->job->load->top : $plan->job->load->holdingAt(End::from($edge));
            $edges[] = new HeldEdge(
                $edge,
                $attachment,
                $strips[$edge] ?? null,
                HoldingSystem::DowelClamps === $system &&
                    'top' !== $edge &&
                    false === $preparation->known->leaders->hasCasing(End::from($edge)),
                $system->hasPinSchool(),
            );
        }

        return $edges;
    }

    private function strip(string $edge, Attachment $attachment, Plan $plan, Holding $holding): Picture
    {
        return (new RailStrip($this->units))->draw(
            $attachment,
            $plan->job->frame->leaderWidth(),
            $holding->place,
            'top' === $edge ? $this->markers($plan, $holding) : [],
            "The $edge rail from the front: {$attachment->count()} " .
                (1 === $attachment->count() ? 'piece' : 'pieces, numbered as they are placed') .
                '.',
        );
    }

    /** @return list<Length> */
    private function markers(Plan $plan, Holding $holding): array
    {
        return (new DriftMarkers())->places($plan->job->top, $plan->chosen(), $holding->place);
    }
}
