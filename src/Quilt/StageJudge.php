<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Advance\Winding;
use Schwung\Core\Direction\Blocker;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Job\Mend;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Level;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Verdict;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingState;

/** Says where each stage of a quilt stands, and the one sentence for the whole. */
final readonly class StageJudge
{
    /** What turning round in the middle puts right. */
    private const SAVED_BY_TURNING_ROUND = [Blocker::Row, Blocker::Roll];

    /** @param list<Fault> $faults */
    public function __construct(
        private JobParts $parts,
        private array $faults,
        private ?Plan $plan,
        private ?Plan $mended,
        private Mend $mend,
        private ?Winding $winding,
    ) {
    }

    /** @return array<string, Standing> */
    public function stages(): array
    {
        return [
            'measure' => $this->measure(),
            'backing' => $this->backing(),
            'direction' => $this->direction(),
            'attach' => $this->attach(),
            'passes' => $this->passes(),
            'load' => $this->load(),
        ];
    }

    public function judgement(): Judgement
    {
        $wrong = $this->wrong('');
        if (null === $this->plan) {
            return match (true) {
                [] !== $wrong => new Judgement(Standing::Stuck, Phrase::of('%s', 'Something entered cannot be: see the '.explode('/', $wrong[0]->pointer)[1].'.')),
                null === $this->parts->top => new Judgement(Standing::Open, Phrase::of('Measure the top first: three widths and three lengths.')),
                null === $this->parts->frame => new Judgement(Standing::Open, Phrase::of('Choose a frame for this quilt.')),
                default => new Judgement(Standing::Open, Phrase::of('The top is measured. Measure the four sides of the backing next.')),
            };
        }

        return $this->ofBlockers($this->mended ?? $this->plan) ?? $this->ofBacking($this->plan);
    }

    /** What stands in the way on this frame, however large the backing is. */
    private function ofBlockers(Plan $plan): ?Judgement
    {
        $blockers = $this->standingBlockers($plan);
        $finding = [] === $blockers ? null : $plan->finding($blockers[0]->value);

        return null === $finding ? null : new Judgement(Standing::Stuck, $finding->text);
    }

    /** @return list<Blocker> */
    private function standingBlockers(Plan $plan): array
    {
        return array_values(array_filter(
            $plan->chosenPlan()->blockers,
            fn (Blocker $blocker): bool => true !== $this->winding?->isTurnedRound || !\in_array($blocker, self::SAVED_BY_TURNING_ROUND, true),
        ));
    }

    private function ofBacking(Plan $plan): Judgement
    {
        $batting = ($this->mended ?? $plan)->batting;
        $state = $plan->chosenPlan()->backing->state();
        if (BackingState::Fits !== $state && Mend::None !== $this->mend) {
            return new Judgement(Mend::AskClient === $this->mend ? Standing::Stuck : Standing::Decide, $this->mending());
        }

        return match (true) {
            BackingState::Short === $state => new Judgement(Standing::Stuck, (new Verdict($plan->chosenPlan()->backing))->sentence()),
            null !== $batting && BattingState::Short === $batting->state => new Judgement(Standing::Stuck, $this->shortBatting($batting)),
            BackingState::Tight === $state => new Judgement(Standing::Decide, (new Verdict($plan->chosenPlan()->backing))->sentence()),
            null !== $batting && null !== $batting->trimTo => new Judgement(Standing::Decide, Phrase::of('The backing is enough. Trim the batting to %s across first.', Figure::left($batting->trimTo))),
            $this->hasWarning($plan, '/top') => new Judgement(Standing::Decide, Phrase::of('The backing is enough. Speak to the client about the edges of the top first.')),
            null !== $this->clipsShort() => new Judgement(Standing::Stuck, $this->clipsShort()->text),
            default => new Judgement(Standing::Fine, (new Verdict($plan->chosenPlan()->backing))->sentence()),
        };
    }

    private function mending(): Phrase
    {
        return match ($this->mend) {
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

    private function measure(): Standing
    {
        return match (true) {
            [] !== $this->wrong('/top') => Standing::Stuck,
            null === $this->parts->top => Standing::Open,
            null !== $this->plan && $this->hasWarning($this->plan, '/top') => Standing::Decide,
            default => Standing::Fine,
        };
    }

    private function backing(): Standing
    {
        return match (true) {
            [] !== $this->wrong('/backing'), [] !== $this->wrong('/batting'), [] !== $this->wrong('/load') => Standing::Stuck,
            null === $this->plan => Standing::Open,
            default => $this->ofBacking($this->plan)->standing,
        };
    }

    private function direction(): Standing
    {
        $plan = $this->shown();

        return match (true) {
            null === $plan => Standing::Open,
            [] !== $this->standingBlockers($plan) => Standing::Stuck,
            $this->hasWarning($plan, '/backing/stretch'), $this->hasWarning($plan, '/backing/seams'), $this->hasWarning($plan, '/quilting/directional') => Standing::Decide,
            default => Standing::Fine,
        };
    }

    private function attach(): Standing
    {
        $plan = $this->shown();

        return match (true) {
            null === $plan => Standing::Open,
            null !== $this->clipsShort() => Standing::Stuck,
            $this->hasWarning($plan, '/load/lead'), $this->hasWarning($plan, '/load/tail'), \in_array(null, $plan->attachments, true) => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /** The plan of the cloth as it will be. */
    private function shown(): ?Plan
    {
        return $this->mended ?? $this->plan;
    }

    private function clipsShort(): ?Finding
    {
        return $this->shown()?->finding('clips-short');
    }

    private function passes(): Standing
    {
        $plan = $this->shown();

        return match (true) {
            [] !== $this->wrong('/quilting') => Standing::Stuck,
            null === $plan, null === $plan->chosenPlan()->course => Standing::Open,
            [] !== array_intersect(['row', 'roll'], array_map(static fn (Blocker $blocker): string => $blocker->value, $this->standingBlockers($plan))) => Standing::Stuck,
            0 !== $this->winding?->stopsInBlocks(), $this->hasWarning($plan, '/quilting/finish') => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /** Whether there are steps to load by; what is short does not forbid them, but wants deciding. */
    private function load(): Standing
    {
        $plan = $this->shown();

        return match (true) {
            null === $plan, null === $this->winding => Standing::Open,
            [] !== $this->standingBlockers($plan) => Standing::Stuck,
            Standing::Stuck === $this->judgement()->standing, null !== $this->clipsShort() => Standing::Decide,
            default => Standing::Fine,
        };
    }

    /** @return list<Fault> */
    private function wrong(string $under): array
    {
        return array_values(array_filter($this->faults, static fn (Fault $fault): bool => !$fault->isMissing && str_starts_with($fault->pointer, $under)));
    }

    private function hasWarning(Plan $plan, string $under): bool
    {
        return [] !== array_filter($plan->findings, static fn (Finding $finding): bool => Level::Warning === $finding->level && str_starts_with($finding->at, $under));
    }
}
