<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Subject;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Running\Drift;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Running\Remaining;
use Schwung\Core\Tension\FirmnessRule;
use Symfony\Component\Uid\Ulid;

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

    /** For a note, so that a second click makes no second note. */
    public function noteKey(): string
    {
        return (string) new Ulid();
    }

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
