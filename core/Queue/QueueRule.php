<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * Rule 18: which quilt goes on which frame when. Least weighted lateness, then fewest late, then the earliest finish.
 *
 * Frames that share no quilt are planned apart. Up to ten quilts in one such knot are planned exactly; more by a good
 * heuristic that says so. An everyday rule of every workshop; that nothing is better is proved by trying what could be.
 */
final readonly class QueueRule
{
    public function schedule(Queue $queue): Schedule
    {
        $orders = array_fill_keys($queue->frames, []);
        $isProved = true;
        foreach ($this->knots($queue) as [$frames, $jobs]) {
            $good = (new HeuristicRule($queue))->good($jobs, $frames);
            $isExact = \count($jobs) <= ExactRule::MOST;
            $isProved = $isProved && $isExact;
            $orders = array_replace(
                $orders,
                $isExact
                    ? (new ExactRule($queue))->best(
                        $jobs,
                        $frames,
                        (new Course($queue))->lay($good)->weightedLateness(),
                    )
                    : $good,
            );
        }

        return (new Course($queue))->lay($orders, $isProved);
    }

    /** The first day on which a quilt could be done were it the next on the best of its frames. */
    public function earliest(Queue $queue, QueueJob $job): int
    {
        $ends = array_map(
            static fn(string $frame): int => (new Course($queue))->lay([
                $frame => [$job->pinned($job->frames, null, 0)],
            ])->placed[0]->end,
            $job->frames,
        );

        return intdiv(min([\PHP_INT_MAX, ...$ends]) - 1, WorkingTime::DAY);
    }

    /** @return list<array{list<string>, list<QueueJob>}> frames that share quilts, and those quilts */
    private function knots(Queue $queue): array
    {
        $knots = [];
        foreach ($queue->jobs as $job) {
            $apart = [];
            $met = [$job->frames, [$job]];
            foreach ($knots as $knot) {
                if ([] === array_intersect($knot[0], $met[0])) {
                    $apart[] = $knot;
                } else {
                    $met = [array_values(array_unique([...$knot[0], ...$met[0]])), [...$knot[1], ...$met[1]]];
                }
            }
            $knots = [...$apart, $met];
        }

        return $knots;
    }
}
