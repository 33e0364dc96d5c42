<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\CurrentUnits;
use App\Quilt\Loading\Setups;
use App\Quilt\Reviewer;
use App\Settings\CurrentHand;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Running\Journal;

/** Opens a run by the plan that was frozen when it was begun. */
final readonly class RunViews
{
    public function __construct(private Reviewer $reviewer, private Setups $setups, private LogEntryRepository $log, private CurrentUnits $units, private CurrentHand $hand)
    {
    }

    public function open(Run $run): RunView
    {
        $subject = $run->subject();
        $review = $this->reviewer->reviewOf($subject, $this->units->system());
        $setup = $this->setups->of($run->quilt, $review, $subject->practice, $this->units->system(), $this->hand->hand())
            ?? throw new \LogicException('A run is begun only with a plan that loads.');
        $steps = (new StepRule())->steps($setup);
        $rows = $this->log->findAfter($run, 0);
        $entries = array_map(static fn (LogEntry $row) => $row->entry(), $rows);

        return new RunView($run, $subject, $review, $setup, $steps, new Journal($steps, $entries, $run->started), $entries, [] === $rows ? 0 : $rows[\count($rows) - 1]->id());
    }
}
