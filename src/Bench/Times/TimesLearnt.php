<?php

declare(strict_types=1);

namespace App\Bench\Times;

use App\Account\Studio;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunViews;
use Psr\Log\LoggerInterface;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Queue\Factors;
use Schwung\Core\Queue\Phase;
use Schwung\Core\Queue\StepTime;

/** Reads what steps really took from the logs that have grown, and what all of them teach. */
final readonly class TimesLearnt
{
    public function __construct(
        private RunTimesRepository $times,
        private RunViews $views,
        private LoggerInterface $logger,
    ) {}

    /** @return bool whether there are more that have grown */
    public function bringIn(Studio $studio, int $most): bool
    {
        $grown = $this->times->findGrown($studio, $most);
        foreach ($grown as $run) {
            $this->read($run);
        }
        $this->times->save();

        return $most === \count($grown);
    }

    /** @return list<RunTimes> the loads that have taught what steps take; one of several tops is one */
    public function teaching(Studio $studio): array
    {
        return array_values(
            array_filter(
                $this->times->findOf($studio),
                static fn(RunTimes $times): bool => !$times->isToldAgain() && [] !== $times->steps(),
            ),
        );
    }

    /**
     * @param list<RunTimes>     $teaching
     * @param array<string, int> $forgotten since when a kind teaches again, by its words; seconds since 1970
     */
    public function factors(array $teaching, array $forgotten): Factors
    {
        $taught = [];
        foreach ($teaching as $times) {
            $began = $times->run->started->getTimestamp();
            array_push(
                $taught,
                ...array_filter(
                    $times->steps(),
                    static fn(StepTime $step): bool => $began >= ($forgotten[$step->kind->value] ?? 0),
                ),
            );
        }

        return (new Factors())->taught($taught);
    }

    private function read(Run $run): void
    {
        $times = $this->times->find($run->id()) ?? new RunTimes($run);
        try {
            $view = $this->views->open($run);
        } catch (\LogicException $exception) {
            // One that an earlier version began, and this one cannot plan, teaches nothing and stops nothing.
            $this->logger->warning('The times of a load cannot be read.', ['exception' => $exception]);
            $times->read([], [], \PHP_INT_MAX >> 32);
            $this->times->keep($times);

            return;
        }
        [$minutes, $steps] = [$view->journal->minutes(), []];
        $sums = [
            'loading expected' => 0.0,
            'loading took' => 0.0,
            'stitching expected' => 0.0,
            'stitching took' => 0.0,
            'tending expected' => 0.0,
            'tending took' => 0.0,
            'problems' => (float) \count($view->journal->problems()),
            RunTimes::TOLD_AGAIN => null === $run->quilt->carrier() ? 0.0 : 1.0,
        ];
        $isLoaded = false;
        foreach ($view->steps->steps as $step) {
            $isLoaded = $isLoaded || StepKind::Stitch === $step->kind;
            $took = $minutes[$step->key] ?? null;
            if (null !== $took) {
                $phase = Phase::of($step->kind, $isLoaded)->value;
                $sums["$phase expected"] += $step->minutes;
                $sums["$phase took"] += $took;
                $steps[] = [$step->kind->value, round($step->minutes, 3), round($took, 3)];
            }
        }
        $times->read($steps, $sums, $view->last);
        $this->times->keep($times);
    }
}
