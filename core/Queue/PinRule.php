<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What a place that somebody pinned costs: the lateness with it less the lateness had it been left to the queue. */
final readonly class PinRule
{
    /**
     * @param Queue    $queue with all its pins
     * @param Schedule $kept  the queue with all of them kept
     * @param QueueJob $free  one of its quilts as it is without its pin
     *
     * @return array{float, list<string>} weighted days, and the ids of others that are late by it alone
     */
    public function cost(Queue $queue, Schedule $kept, QueueJob $free): array
    {
        $freed = (new QueueRule())->schedule($queue->replacing($free));
        $before = $freed->daysLateById();
        $late = array_filter(
            $kept->daysLateById(),
            static fn(int $days, string|int $id): bool => (string) $id !== $free->id && $days > ($before[$id] ?? 0),
            \ARRAY_FILTER_USE_BOTH,
        );

        return [
            // A heuristic may find less for a queue that is free than for one that is bound: a pin never gains.
            max(0.0, round($kept->weightedLateness() - $freed->weightedLateness(), 6)),
            array_map(strval(...), array_keys($late)),
        ];
    }
}
