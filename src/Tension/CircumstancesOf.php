<?php

declare(strict_types=1);

namespace App\Tension;

use App\AtTheFrame\RunView;
use Schwung\Core\Preparation\CircumstancesRule;
use Schwung\Core\Preparation\Earlier;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\Zone;

/** Brings the logs of a frame beside what the plan and the log of a run know of a problem. */
final readonly class CircumstancesOf
{
    public function __construct(private ProblemLog $log) {}

    public function problem(RunView $view, JournalEntry $problem): Circumstances
    {
        return (new CircumstancesRule($view->preparation->known, $view->setup))->ofFault(
            $view->steps,
            $view->journal,
            $problem,
            $view->run->started,
            $this->earlier($view),
        );
    }

    /** @return list<Earlier> what was seen, and where, on other loads of this frame */
    private function earlier(RunView $view): array
    {
        $quilt = $view->run->quilt;
        $frame = $quilt->frame();
        $here = null === $frame ? [] : $this->log->problems($quilt->studio, $frame);
        $others = array_filter(
            $here,
            static fn(LoggedProblem $other): bool => $other->run !== (string) $view->run->id(),
        );
        $across = $view->setup->across()->toMillimetres();

        return array_values(
            array_map(
                static fn(LoggedProblem $other): Earlier => new Earlier(
                    $other->symptom,
                    Zone::at($other->x ?? 0.0, $across),
                ),
                $others,
            ),
        );
    }
}
