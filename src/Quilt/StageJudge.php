<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Exchange\Fault;
use Schwung\Core\Exchange\JobParts;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Level;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Verdict;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingState;
use Schwung\Core\Sizing\Mend;

/** Says where each stage of a quilt stands, and the one sentence for the whole. */
final readonly class StageJudge
{
    /**
     * @param list<Fault> $faults
     *
     * @return array<string, Standing>
     */
    public function stages(JobParts $parts, array $faults, ?Plan $plan, ?Plan $mended, Mend $mend): array
    {
        return [
            'measure' => $this->measure($parts, $faults, $plan),
            'backing' => $this->backing($faults, $plan, $mended, $mend),
        ];
    }

    /** @param list<Fault> $faults */
    public function judgement(JobParts $parts, array $faults, ?Plan $plan, ?Plan $mended, Mend $mend): Judgement
    {
        $wrong = $this->wrong($faults, '');
        if (null === $plan) {
            return match (true) {
                [] !== $wrong => new Judgement(Standing::Stuck, Phrase::of('%s', 'Something entered cannot be: see the '.explode('/', $wrong[0]->pointer)[1].'.')),
                null === $parts->top => new Judgement(Standing::Open, Phrase::of('Measure the top first: three widths and three lengths.')),
                null === $parts->frame => new Judgement(Standing::Open, Phrase::of('Choose a frame for this quilt.')),
                default => new Judgement(Standing::Open, Phrase::of('The top is measured. Measure the four sides of the backing next.')),
            };
        }

        return $this->ofPlan($plan, $mended, $mend);
    }

    private function ofPlan(Plan $plan, ?Plan $mended, Mend $mend): Judgement
    {
        $batting = ($mended ?? $plan)->batting;
        $state = $plan->chosenPlan()->backing->state();
        if (BackingState::Fits !== $state && Mend::None !== $mend) {
            return new Judgement(Mend::AskClient === $mend ? Standing::Stuck : Standing::Decide, $this->mending($mend));
        }

        return match (true) {
            BackingState::Short === $state => new Judgement(Standing::Stuck, (new Verdict($plan->chosenPlan()->backing))->sentence()),
            null !== $batting && BattingState::Short === $batting->state => new Judgement(Standing::Stuck, $this->shortBatting($batting)),
            BackingState::Tight === $state => new Judgement(Standing::Decide, (new Verdict($plan->chosenPlan()->backing))->sentence()),
            null !== $batting && null !== $batting->trimTo => new Judgement(Standing::Decide, Phrase::of('The backing is enough. Trim the batting to %s across first.', Figure::left($batting->trimTo))),
            $this->hasWarning($plan, '/top') => new Judgement(Standing::Decide, Phrase::of('The backing is enough. Speak to the client about the edges of the top first.')),
            default => new Judgement(Standing::Fine, (new Verdict($plan->chosenPlan()->backing))->sentence()),
        };
    }

    private function mending(Mend $mend): Phrase
    {
        return match ($mend) {
            Mend::Extend => Phrase::of('It will load once the strips are sewn on.'),
            Mend::SquareUp => Phrase::of('It will load with only its ends cut straight.'),
            Mend::Piece => Phrase::of('It will load once the new backing is pieced.'),
            Mend::AskClient, Mend::None => Phrase::of('Waiting for a larger backing from the client.'),
        };
    }

    private function shortBatting(BattingCheck $batting): Phrase
    {
        [$across, $along] = [$batting->missingAcross(), $batting->missingAlong()];

        return match (true) {
            !$across->isPositive() => Phrase::of('Not yet: the batting is %s short along the quilt.', Figure::needed($along)),
            !$along->isPositive() => Phrase::of('Not yet: the batting is %s short across.', Figure::needed($across)),
            default => Phrase::of('Not yet: the batting is %s short across and %s along.', Figure::needed($across), Figure::needed($along)),
        };
    }

    /** @param list<Fault> $faults */
    private function measure(JobParts $parts, array $faults, ?Plan $plan): Standing
    {
        return match (true) {
            [] !== $this->wrong($faults, '/top') => Standing::Stuck,
            null === $parts->top => Standing::Open,
            null !== $plan && $this->hasWarning($plan, '/top') => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /** @param list<Fault> $faults */
    private function backing(array $faults, ?Plan $plan, ?Plan $mended, Mend $mend): Standing
    {
        return match (true) {
            [] !== $this->wrong($faults, '/backing'), [] !== $this->wrong($faults, '/batting'), [] !== $this->wrong($faults, '/load') => Standing::Stuck,
            null === $plan => Standing::Open,
            default => $this->ofPlan($plan, $mended, $mend)->standing,
        };
    }

    /**
     * @param list<Fault> $faults
     *
     * @return list<Fault>
     */
    private function wrong(array $faults, string $under): array
    {
        return array_values(array_filter($faults, static fn (Fault $fault): bool => !$fault->isMissing && str_starts_with($fault->pointer, $under)));
    }

    private function hasWarning(Plan $plan, string $under): bool
    {
        return [] !== array_filter($plan->findings, static fn (Finding $finding): bool => Level::Warning === $finding->level && str_starts_with($finding->at, $under));
    }
}
