<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * What would bring a late quilt into time, each way worked out with everything else in the order in which it stands:
 * the next on a frame, its own or another, so many hours more on one day, or the first day that can be kept.
 */
final readonly class WaysOutRule
{
    /** Nobody works longer than this more on one day. */
    private const MOST_MORE = 480;
    private const BY = 30;
    /** More work than two weeks ahead is not a day's work any more. */
    private const DAYS = 14;

    /**
     * @param list<QueueJob> $elsewhere the quilt as it would be on each frame that it could go on, were it not pinned
     *
     * @return list<WayOut> the least costly first, the later day last
     */
    public function waysOut(Queue $queue, Schedule $schedule, Placed $late, array $elsewhere): array
    {
        $ways = array_filter([
            ...array_map(fn(QueueJob $job): ?WayOut => $this->next($job, $queue, $schedule, $late), $elsewhere),
            $this->moreHours($queue, $schedule, $late),
        ]);
        usort(
            $ways,
            static fn(WayOut $one, WayOut $other): int => [$one->costs, $one->end] <=> [$other->costs, $other->end],
        );

        return [
            ...$ways,
            new WayOut(
                WayOutKind::LaterDue,
                $late->end,
                frame: $late->frame,
                day: intdiv($late->end - 1, WorkingTime::DAY),
            ),
        ];
    }

    private function next(QueueJob $job, Queue $queue, Schedule $schedule, Placed $late): ?WayOut
    {
        $frame = $job->frames[0];
        $orders = $schedule->orders($queue->frames);
        foreach ($orders as $name => $order) {
            $orders[$name] = array_values(
                array_filter($order, static fn(QueueJob $other): bool => $other->id !== $job->id),
            );
        }
        array_unshift($orders[$frame], $job);
        $laid = (new Course($queue))->inOrder($orders);
        $moved = $laid?->find($job->id);

        return null === $laid || null === $moved || $moved->daysLate() > 0
            ? null
            : new WayOut(
                $frame === $late->frame ? WayOutKind::Next : WayOutKind::OtherFrame,
                $moved->end,
                $laid->weightedLateness() - ($schedule->weightedLateness() - $late->daysLate() * $late->job->weight),
                $frame,
            );
    }

    /** The fewest hours more on one day, the first of those on which so few are enough. */
    private function moreHours(Queue $queue, Schedule $schedule, Placed $late): ?WayOut
    {
        $orders = $schedule->orders($queue->frames);
        $last = min($late->job->due ?? -1, self::DAYS);
        $best = null;
        for ($day = intdiv($queue->now, WorkingTime::DAY); $day <= $last; ++$day) {
            // More hours never make it later: halving finds where they begin to be enough.
            $room = min($best->minutes ?? self::MOST_MORE, $queue->time->room($day));
            [$few, $most] = [0, intdiv($room, self::BY)];
            while ($few < $most) {
                $half = intdiv($few + $most, 2);
                $way = $this->longer($half * self::BY, $day, $queue, $orders, $late);
                [$few, $most] = null === $way ? [$half + 1, $most] : [$few, $half];
            }
            $way = $this->longer($few * self::BY, $day, $queue, $orders, $late);
            $best = null !== $way && (null === $best || $way->minutes < $best->minutes) ? $way : $best;
        }

        return $best;
    }

    /** @param array<array-key, list<QueueJob>> $orders */
    private function longer(int $minutes, int $day, Queue $queue, array $orders, Placed $late): ?WayOut
    {
        $time = $queue->time->withMore($day, $minutes);
        $moved = null === $time ? null : (new Course($queue->during($time)))->inOrder($orders)?->find($late->job->id);

        return 0 === $moved?->daysLate()
            ? new WayOut(WayOutKind::MoreHours, $moved->end, frame: $late->frame, day: $day, minutes: $minutes)
            : null;
    }
}
