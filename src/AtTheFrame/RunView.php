<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Subject;
use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Learning\StrainTold;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Preparation\DrawingIn;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Preparation\RollRead;
use Schwung\Core\Running\Drift;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Running\Remaining;
use Schwung\Core\Running\Slant;
use Schwung\Core\Running\Stretch;
use Schwung\Core\Running\StretchRule;
use Schwung\Core\Tension\FirmnessRule;

/** A run as somebody with one hand and one habit of units sees it. */
final readonly class RunView
{
    /** @param list<JournalEntry> $entries all of them, in the order in which they came in */
    public function __construct(
        public Run $run,
        public Subject $subject,
        public Preparation $preparation,
        public Setup $setup,
        public StepList $steps,
        public Journal $journal,
        public array $entries,
        public int $last,
    ) {}

    public function remaining(): Remaining
    {
        return $this->journal->remaining($this->setup->winding);
    }

    /** The pass at hand: that of the step at hand, or the last. */
    public function pass(): int
    {
        return $this->steps->steps[$this->journal->place()]->pass ??
            ($this->journal->isFinished() ? $this->setup->winding->count() : 1);
    }

    /** As it would be with one entry more. */
    public function with(JournalEntry $entry): self
    {
        $entries = [...$this->entries, $entry];

        return new self(
            run: $this->run,
            subject: $this->subject,
            preparation: $this->preparation,
            setup: $this->setup,
            steps: $this->steps,
            journal: new Journal($this->steps, $entries, $this->run->started),
            entries: $entries,
            last: $this->last,
        );
    }

    /** What the roll has shown so far, and the passes that are left with it. */
    public function roll(): RollRead
    {
        return RollRead::of($this->setup, $this->journal, $this->pass());
    }

    /** What is wound on at a step, from 0: of a pass that the quilt is still to be advanced to, what was before. */
    public function woundAt(int $place): Length
    {
        $steps = $this->steps->steps;
        $pass = $steps[$place]->pass ?? null;
        if (null === $pass) {
            return $place < \count($steps) ? Length::zero() : $this->setup->wind($this->pass())->pass->wound;
        }
        for ($next = $place + 1; ($steps[$next]->pass ?? null) === $pass; ++$next) {
            if (StepKind::Advance === $steps[$next]->kind) {
                return $this->setup->wind(max(1, $pass - 1))->pass->wound;
            }
        }

        return $this->setup->wind($pass)->pass->wound;
    }

    /** What a tape round the roll is expected to say at a step, in millimetres. */
    public function roundAt(int $place): float
    {
        return RollRead::expected($this->setup->winding, $this->woundAt($place))->length->toMillimetres();
    }

    /** How many entries may have changed the plan: a page that was drawn by fewer is drawn anew. */
    public function planEntries(): int
    {
        return \count(
            array_filter(
                $this->entries,
                static fn(JournalEntry $entry): bool => $entry->kind->changesThePlan() ||
                    \in_array($entry->kind, [EntryKind::Replan, EntryKind::Correction], true),
            ),
        );
    }

    public function expectedRound(): Figure
    {
        return Figure::measured(Length::millimetres($this->roundAt($this->journal->place())));
    }

    /** Where in the bed of a pass the top's width is best read: its middle, from the lead edge, in millimetres. */
    public function depthAt(?int $pass): float
    {
        $wind = $this->setup->wind($pass ?? 1);

        return ($wind->from + $wind->to) / 2;
    }

    /** What the top measured across there, at the table, in millimetres. */
    public function acrossAt(?int $pass): float
    {
        return (new StretchRule())
            ->across(
                $this->setup->plan->job->top,
                $this->setup->plan->chosen(),
                Length::millimetres($this->depthAt($pass)),
            )
            ->toMillimetres();
    }

    public function stretchOf(Length $depth, Length $width): Stretch
    {
        return (new StretchRule())->judge($this->setup->plan->job->top, $this->setup->plan->chosen(), $depth, $width);
    }

    /** The last width that was read in the bed; null while none was. */
    public function stretch(): ?Stretch
    {
        $all = $this->journal->readings(EntryKind::Width);
        $last = $all[\count($all) - 1] ?? null;

        return null === $last
            ? null
            : $this->stretchOf(
                Length::millimetres($last->number('depth')),
                Length::millimetres($last->number('width')),
            );
    }

    /** How the last seam that was read runs from the last row; null while none was, or both places are one. */
    public function slant(): ?Slant
    {
        $all = $this->journal->readings(EntryKind::Slant);
        $last = $all[\count($all) - 1] ?? null;
        if (null === $last || $last->number('apart') <= 0) {
            return null;
        }
        $length = static fn(string $name): Length => Length::millimetres($last->number($name));

        return Slant::of($length('left'), $length('right'), $length('apart'), $this->setup->across());
    }

    /** Of its batting, in millimetres; null without one. */
    public function loft(): ?float
    {
        return DrawingIn::loft($this->preparation);
    }

    /** How much is stitched for each square millimetre, in millimetres. */
    public function density(): float
    {
        return DrawingIn::density($this->setup);
    }

    /** How far apart the marks of a strain are set on slack cloth. */
    public function strainMarks(): Length
    {
        return StrainRule::marks();
    }

    /** @return array<string, StrainTold> the last strain that was read of each layer */
    public function strains(): array
    {
        $told = [];
        foreach ($this->journal->readings(EntryKind::Strain) as $entry) {
            $told[$entry->text('layer')] = new StrainTold(
                $this->journal->strain($entry),
                $this->setup->isStretchy() && 'backing' === $entry->text('layer'),
                $this->setup->along(),
                null !== $this->setup->plan->job->frame->ratchetTeeth,
            );
        }

        return $told;
    }

    /** Which way the finished edges will curl by what was read of both layers; null until both are read. */
    public function curl(RollRead $roll): ?Phrase
    {
        $strains = $this->strains();
        [$backing, $top] = [$strains['backing']->strain ?? null, $strains['top']->strain ?? null];

        return null === $backing || null === $top
            ? null
            : (new StrainRule())->sayCurl($backing, $top, $roll->learnt->thickness ?? $roll->planned);
    }

    public function drift(): Drift
    {
        return $this->journal->drift($this->sideMargin(), $this->setup->along());
    }

    /** The lesser of both, as laid. */
    public function sideMargin(): Length
    {
        return $this->setup->plan->chosenPlan()->backing->laid->leastSide();
    }

    /** Whether one side was felt to be slacker than the other, the last time. */
    public function hasSlackSide(): bool
    {
        return ($this->journal->firmness()?->sideToSide() ?? 0) > 0;
    }

    /** @return list<Phrase> what the last feel of the layers asks for */
    public function firmnessAdvice(): array
    {
        $reading = $this->journal->firmness();

        $wound = $this->setup->wind($this->pass())->pass->wound->toMillimetres();

        return null === $reading
            ? []
            : (new FirmnessRule())->advise(
                $reading,
                $this->journal->jumped(),
                $this->setup->winding->roll->click($wound),
            );
    }

    /**
     * @return list<array{Phrase|string, float, float|null}> what each group of the work was expected to take and took,
     * in minutes
     */
    public function times(): array
    {
        $minutes = $this->journal->minutes();
        $times = [];
        foreach ($this->steps->byGroup() as $group => $steps) {
            $took = array_intersect_key(
                $minutes,
                array_flip(array_map(static fn($step): string => $step->key, $steps)),
            );
            $times[] = [
                $group,
                array_sum(array_map(static fn($step): float => $step->minutes, $steps)),
                [] === $took ? null : array_sum($took),
            ];
        }

        return $times;
    }
}
