<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Queue\Placed;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Schedule;

/** Answers schwung:queue: which quilt goes on which frame when. */
final readonly class QueueAnswer
{
    /** @throws FaultyDocument if the document is no queue */
    public function to(mixed $document): Answer
    {
        $read = (new QueueReader())->read($document);
        $rule = new QueueRule();
        $schedule = $rule->schedule($read->queue);

        return Answer::adding($document, [
            'jobs' => $this->jobs($read, $schedule),
            'weighted_lateness' => round($schedule->weightedLateness(), 6),
            'late_jobs' => $schedule->lateJobs(),
            'proved_best' => $schedule->isProved,
            ...!$read->tellsAll
                ? []
                : [
                    'pins_cost' => round(
                        $schedule->weightedLateness() - $rule->schedule($read->free)->weightedLateness(),
                        6,
                    ),
                ],
        ]);
    }

    /** @return list<array<string, mixed>> in the order of the document; of a late one the first day that could be */
    private function jobs(QueueDocument $read, Schedule $schedule): array
    {
        $at = static fn(int $minute): string => $read->firstDay->modify("+$minute minutes")->format('Y-m-d\TH:i');
        $placed = [];
        foreach ($schedule->placed as $one) {
            $placed[$one->job->id] = $one;
        }

        return array_map(static function (Placed $one) use ($read, $at): array {
            $told = [
                'id' => $one->job->id,
                'frame' => $one->frame,
                'start' => $at($one->start),
                'end' => $at($one->end),
                'days_late' => $one->daysLate(),
            ];
            if ($read->tellsAll) {
                $told['setup_minutes'] = $one->setupMinutes;
            }
            if ($one->daysLate() > 0) {
                $days = (new QueueRule())->earliest($read->queue, $one->job);
                $told['earliest_day'] = $read->firstDay->modify("+$days days")->format('Y-m-d');
            }

            return $told;
        }, array_map(static fn($job): Placed => $placed[$job->id], $read->queue->jobs));
    }
}
