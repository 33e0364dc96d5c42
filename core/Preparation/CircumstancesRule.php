<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\FrameFacts;
use Schwung\Core\Tension\HoldFacts;
use Schwung\Core\Tension\SeenFacts;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TopFacts;
use Schwung\Core\Tension\WhichPass;
use Schwung\Core\Tension\Zone;

/**
 * Fills in what plan, log and leaders already know of a load, or of a fault on it, so that nobody is asked for it
 * again.
 *
 * Before a load the log is empty: what is a step still to come is not known.
 */
final readonly class CircumstancesRule
{
    /** Fewer loads than this say nothing of a habit. */
    private const HABIT_LOADS = 3;
    /** So often must the slack side change before it is more than chance. */
    private const CHANGES = 1;
    /** A last pass with less than this many row heights of depth is narrow. */
    private const NARROW_ROWS = 1.2;

    public function __construct(private Known $known, private Setup $setup) {}

    /** What the plan alone knows, as it will be when the batting is laid at this time. */
    public function planned(\DateTimeImmutable $at): Circumstances
    {
        return new Circumstances($this->cloth($at), $this->hold(null, null), $this->top(null, null), $this->frame());
    }

    /** @param list<Earlier> $earlier on other loads of the same frame */
    public function ofFault(
        StepList $steps,
        Journal $journal,
        JournalEntry $fault,
        \DateTimeImmutable $started,
        array $earlier,
    ): Circumstances {
        return new Circumstances(
            $this->cloth($started),
            $this->hold($steps, $journal),
            $this->top($steps, $journal),
            $this->frame(),
            $this->seen($steps, $journal, $fault, $earlier),
        );
    }

    private function cloth(\DateTimeImmutable $at): ClothFacts
    {
        return (new ClothRule())->facts($this->setup->plan, $at);
    }

    private function hold(?StepList $steps, ?Journal $journal): HoldFacts
    {
        $loads = $this->known->leaders->pastLoads() ?? [];
        $aside = array_filter($loads, static fn(PastLoad $load): bool => 0 !== $load->position->nanometres);

        return new HoldFacts(
            leadMethod: $this->setup->system(End::Lead),
            pinSpacing: $this->setup->held->lead?->spacing?->length(),
            alwaysCentred: \count($loads) < self::HABIT_LOADS ? null : [] === $aside,
            loadsSinceLeaderCheck: $this->known->leaders->loadsSinceCheck(),
            centresMarked: $this->isDone('centres', $steps, $journal),
            evened: $this->isDoneByNow('even', $steps, $journal),
            sideClamps: $this->setup->plan->job->frame->sideClamps,
            leaderCheck: $this->known->leaders->verdict(),
            leadersTiltAlike: $this->known->leaders->commonTilt()?->isFrame,
            // Poles have no leader, and so no line for an edge.
            edgeSchool: $this->setup->isClamped() ? null : $this->setup->habits->edge,
            thrownOverBar: LoadingPlace::Front === $this->setup->place()
                ? $this->isDone('wind-on', $steps, $journal)
                : null,
            people: $this->setup->habits->people,
        );
    }

    private function top(?StepList $steps, ?Journal $journal): TopFacts
    {
        $isDone = fn(string $step): bool => true === $this->isDone($step, $steps, $journal);

        return new TopFacts(
            float: $this->setup->float(),
            alignedBy: match (true) {
                $isDone('align-seam') => Alignment::Seam,
                $isDone('align-edge') => Alignment::Edge,
                default => null,
            },
            sidesBasted: $this->isDone('baste-sides', $steps, $journal),
            bastingInset: $this->inset(),
            endHeld: $this->isDone('hold-end', $steps, $journal),
            battingBastedAllOver: $isDone('all-over') ? true : null,
            prebasted: $this->setup->is(Purpose::Prebasted),
            allLayersAttached: FloatKind::None === $this->setup->float(),
        );
    }

    /**
     * A habit that leaves a flap is known beforehand; that a line was to lie near the edge does not say that it does.
     */
    private function inset(): ?Length
    {
        $inset = $this->setup->inset();

        return $inset->isLongerThan(Distance::BastingInset->usual()) ? $inset : null;
    }

    private function frame(): FrameFacts
    {
        return new FrameFacts(
            $this->setup->kind(),
            null === $this->setup->plan->job->frame->ratchetTeeth ? null : false,
            $this->isDepthSmall(),
            $this->setup->plan->job->frame->size(FrameMeasure::Rail),
        );
    }

    /** @param list<Earlier> $earlier */
    private function seen(StepList $steps, Journal $journal, JournalEntry $fault, array $earlier): SeenFacts
    {
        $zone = Zone::at($fault->number('x'), $this->setup->across()->toMillimetres());

        return new SeenFacts(
            $this->pass($steps, $fault),
            $journal->firmness(),
            Zone::Centre === $zone
                ? 0
                : self::count(
                    $earlier,
                    static fn(Earlier $one): bool => Symptom::SideDip === $one->symptom && $zone === $one->zone,
                ),
            self::count($earlier, static fn(Earlier $one): bool => Symptom::CentreDip === $one->symptom),
            $this->sideAlternates($journal),
        );
    }

    /**
     * @param list<Earlier>            $earlier
     * @param \Closure(Earlier): bool $which
     */
    private static function count(array $earlier, \Closure $which): int
    {
        return \count(array_filter($earlier, $which));
    }

    /** Whether the slack side was another at a later advance; null where it was seen once or never. */
    private function sideAlternates(Journal $journal): ?bool
    {
        $sides = [];
        foreach ($journal->problems() as $problem) {
            $zone = Zone::at($problem->number('x'), $this->setup->across()->toMillimetres());
            if (Symptom::SideDip->value === $problem->text('seen') && Zone::Centre !== $zone) {
                $sides[] = $zone;
            }
        }
        $changes = 0;
        for ($i = 1; $i < \count($sides); ++$i) {
            $changes += (int) ($sides[$i] !== $sides[$i - 1]);
        }

        return \count($sides) < 2 ? null : $changes >= self::CHANGES;
    }

    /** Null while the step is still to come, or is none of this load. */
    private function isDone(string $step, ?StepList $steps, ?Journal $journal): ?bool
    {
        $place = $steps?->placeOf($step);
        if (null === $place || null === $journal) {
            return null;
        }

        $done = $journal->done()[$step] ?? null;

        return match (true) {
            // Whoever enters a quilt half way does not say by which steps it came there.
            true === $done?->isSet('entered') => null,
            null !== $done => true,
            default => $place < $journal->place() ? false : null,
        };
    }

    /** A step that is still to come counts as not done yet, once something is wrong (rule 29). */
    private function isDoneByNow(string $step, ?StepList $steps, ?Journal $journal): ?bool
    {
        $isToCome =
            null !== $steps &&
            null !== $journal &&
            ($steps->placeOf($step) ?? -1) >= $journal->place() &&
            !isset($journal->done()[$step]);

        return $isToCome ? false : $this->isDone($step, $steps, $journal);
    }

    /** As it lies once it is loaded. */
    private function pass(StepList $steps, JournalEntry $fault): ?WhichPass
    {
        $place = null === $fault->step ? null : $steps->placeOf($fault->step);
        if (null === $place) {
            return null;
        }
        $pass = $steps->steps[$place]->pass ?? 1;

        return match (true) {
            1 === $pass => WhichPass::First,
            $pass === $this->setup->winding->count() => WhichPass::Last,
            default => WhichPass::Middle,
        };
    }

    /** Under 1.2 row heights, or under half of the first pass's. */
    private function isDepthSmall(): bool
    {
        $depth = fn(int $pass): float => $this->setup->wind($pass)->pass->depth()->length()->toMillimetres();
        $last = $depth($this->setup->winding->count());
        $rows = $this->setup->winding->rows;

        return $last < $depth(1) / 2 || (null !== $rows && $last < self::NARROW_ROWS * $rows->height->toMillimetres());
    }
}
