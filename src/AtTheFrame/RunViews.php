<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\CurrentUnits;
use App\Quilt\Preparations;
use Schwung\Core\Running\Journal;

/** Opens a run by the plan that was frozen when it was begun, with what was changed of it at the frame. */
final readonly class RunViews
{
    public function __construct(
        private Preparations $preparations,
        private LogEntryRepository $log,
        private CurrentUnits $units,
    ) {}

    public function open(Run $run): RunView
    {
        $subject = $run->subject();
        $numbered = $this->log->entriesOf($run);
        $entries = array_values($numbered);
        $preparation = $this->preparations->ofSubject(
            $run->quilt,
            $subject,
            $this->units->system(),
            Journal::changes($entries),
        );
        [$setup, $steps] = [$preparation->setup(), $preparation->steps()];
        if (null === $setup || null === $steps) {
            throw new \LogicException('A run is begun only with a plan that loads.');
        }

        return new RunView(
            run: $run,
            subject: $subject,
            preparation: $preparation,
            setup: $setup,
            steps: $steps,
            journal: new Journal($steps, $entries, $run->started),
            entries: $entries,
            last: array_key_last($numbered) ?? 0,
        );
    }
}
