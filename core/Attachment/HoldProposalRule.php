<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\People;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\MeasuredTop;

/**
 * Which way of holding suits an end of this quilt: what the cloth leaves room for, what is at hand, what the hands can
 * do, how long it takes, how flat the edge lies, how much it thickens the roll. Everyday rules of the trade, the first
 * that differs decides; what a hold adds to the roll is an estimate from the size of its pieces.
 */
final readonly class HoldProposalRule
{
    /** An edge that loses so much when it is squared up does not lie flat along a straight piece. */
    private const CROOKED_INCHES = 1;
    /** Less is not felt in a roll. */
    private const THICK_MM = 0.1;

    /**
     * @param array<string, string> $wanted the title of another quilt that wants a hold that day, by the words of
     *   HoldingSystem
     */
    public function __construct(private Practice $practice, private Body $body, private array $wanted = []) {}

    /** @return list<HoldProposal> best first */
    public function propose(Job $job, MeasuredTop $top, DirectionPlan $chosen, End $end): array
    {
        $costs = (new HoldCostRule($this->practice))->costs($job, $top, $chosen);
        $proposals = array_map(
            fn(HoldCost $cost): HoldProposal => $this->proposal($cost, $job, $chosen, $end),
            array_values(
                array_filter(
                    $costs,
                    static fn(HoldCost $cost): bool => $job->frame->kind->isClamped() ===
                        (HoldingSystem::SpringClamps === $cost->system),
                ),
            ),
        );
        usort($proposals, fn(HoldProposal $one, HoldProposal $other): int => $this->rank($one) <=> $this->rank($other));

        return $proposals;
    }

    private function proposal(HoldCost $cost, Job $job, DirectionPlan $chosen, End $end): HoldProposal
    {
        $system = $cost->system;
        $cloth = End::Lead === $end ? $cost->lead : $cost->tail;
        // Spare cloth can be given to either end.
        $laid = $chosen->backing->laid
            ->at($end)
            ->plus(Length::longest(Length::zero(), $chosen->backing->slackAlong->length()));
        $hasRoom = !$cloth->isLongerThan($laid);
        $isOwned =
            $system === $job->load->holdingAt($end) ||
            HoldingSystem::Pins === $system ||
            \in_array($system, $job->frame->methods, true) ||
            [] !== $job->frame->stock->of($system);
        $hasPieces = $isOwned && null !== $cost->minutes;
        $isCrooked = $chosen->backing->squaredUp->along
            ->plus(Length::inches(self::CROOKED_INCHES))
            ->isShorterThan($this->longest($job, $chosen));
        $bends = HoldingSystem::Pins === $system || HoldingSystem::Magnets === $system;
        $thickens = $this->thickens($system, $job);
        $isThick = $thickens->toMillimetres() >= self::THICK_MM;

        return new HoldProposal(
            $system,
            $cloth,
            $hasPieces ? $cost->minutes : null,
            $thickens,
            array_values(
                array_filter([
                    $this->isKind($system) ? Phrase::of($cost->hands()) : null,
                    $isCrooked && $bends ? Phrase::of('it follows an edge that is not straight') : null,
                    $isThick ? null : Phrase::of('it adds nothing to the roll'),
                    $hasRoom && $laid->minus($cloth)->isPositive()
                        ? Phrase::of('%s of cloth to spare', Figure::left($laid->minus($cloth)))
                        : null,
                ]),
            ),
            array_values(
                array_filter([
                    $hasRoom
                        ? null
                        : Phrase::of(
                            'it wants %s before the top, and the cloth leaves %s',
                            Figure::measured($cloth),
                            Figure::left($laid),
                        ),
                    $isOwned ? null : Phrase::of('none is written down for this frame'),
                    $isOwned && null === $cost->minutes ? Phrase::of('too few pieces at hand') : null,
                    $this->isKind($system) ? null : Phrase::of($cost->hands()),
                    $isCrooked && !$bends
                        ? Phrase::of('it holds a crooked edge straight, and the cloth in folds')
                        : null,
                    People::Alone === $job->desk->habits->people && HoldingSystem::Zip === $system
                        ? Phrase::of('alone, the long half has to be carried to the frame')
                        : null,
                    isset($this->wanted[$system->value]) && HoldingSystem::Pins !== $system
                        ? Phrase::of('wanted for %s that day', $this->wanted[$system->value])
                        : null,
                    $isThick
                        ? Phrase::of(
                            'it thickens the first turn of the roll by %s mm (an estimate)',
                            number_format($thickens->toMillimetres(), 1),
                        )
                        : null,
                ]),
            ),
            $hasRoom && $hasPieces,
        );
    }

    /** @return list<int|float> the less, the better */
    private function rank(HoldProposal $proposal): array
    {
        return [
            (int) !$proposal->isPossible,
            $this->body->hasSoreHands ? (int) !$this->isKind($proposal->system) : 0,
            (int) (isset($this->wanted[$proposal->system->value]) && HoldingSystem::Pins !== $proposal->system),
            round(2 * ($proposal->minutes ?? 999)),
            $proposal->thickens->nanometres,
        ];
    }

    /** Without a pinch or a squeeze for every piece. */
    private function isKind(HoldingSystem $system): bool
    {
        return match ($system) {
            HoldingSystem::Zip, HoldingSystem::Magnets, HoldingSystem::HookAndLoop => true,
            HoldingSystem::Pins,
            HoldingSystem::ChannelClips,
            HoldingSystem::DowelClamps,
            HoldingSystem::SpringClamps
                => false,
        };
    }

    private function longest(Job $job, DirectionPlan $chosen): Length
    {
        $backing = $job->backing;

        return $chosen->direction->isTurned()
            ? Length::longest($backing->top, $backing->bottom)
            : Length::longest($backing->left, $backing->right);
    }

    /**
     * Twice what the studio has measured, or what the section of a hold adds to the bare roller, shared out round it.
     */
    private function thickens(HoldingSystem $system, Job $job): Length
    {
        $measured = $this->practice->bulk($system);
        if ($measured->isPositive()) {
            return $measured->times(2);
        }
        $squareMillimetres = match ($system) {
            HoldingSystem::Pins => 3,
            HoldingSystem::Zip => 60,
            HoldingSystem::HookAndLoop => 75,
            HoldingSystem::Magnets => 80,
            HoldingSystem::ChannelClips => 110,
            HoldingSystem::DowelClamps => 200,
            // They sit on the pole, beside the roll.
            HoldingSystem::SpringClamps => 0,
        };
        $bare = $job->frame->size(FrameMeasure::TakeupDiameter)->toMillimetres() / 2;

        return Length::millimetres(2 * (sqrt($bare * $bare + $squareMillimetres / \M_PI) - $bare));
    }
}
