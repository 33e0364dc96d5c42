<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What follows what on the frames, and when that is. */
final readonly class Course
{
    public function __construct(private Queue $queue) {}

    /**
     * Lays quilts on the frames in a given order; those pinned to a place take it, those free fill what is left, and a
     * place farther back than there are quilts is the last.
     *
     * @param array<array-key, list<QueueJob>> $orders by frame
     */
    public function lay(array $orders, bool $isProved = false): Schedule
    {
        return $this->inOrder(array_map(self::merged(...), $orders), $isProved) ??
            throw new \DomainException('Beyond the horizon.');
    }

    /**
     * Lays quilts on the frames just so, whatever was pinned.
     *
     * @param array<array-key, list<QueueJob>> $orders by frame
     *
     * @return Schedule|null null where that is beyond the horizon
     */
    public function inOrder(array $orders, bool $isProved = false): ?Schedule
    {
        $placed = [];
        foreach ($orders as $frame => $order) {
            // A name like "1" is a number once it is a key.
            $frame = (string) $frame;
            [$work, $traits] = $this->begin($frame);
            foreach ($order as $job) {
                [$begins, $work, $change] = $this->after($job, $work, $traits);
                $traits = $job->traits;
                [$start, $end] = [$this->queue->time->startsAt($begins), $this->queue->time->endsAt($work)];
                if (null === $start || null === $end) {
                    return null;
                }
                $placed[] = new Placed($job, $frame, $start, $end, $change);
            }
        }

        return new Schedule($placed, $isProved);
    }

    /**
     * @param int                        $work   that is done on the frame before
     * @param array<string, string>|null $traits what is set up there
     *
     * @return array{int, int, int} work done when it begins and when it ends, and minutes of changing before it
     */
    public function after(QueueJob $job, int $work, ?array $traits): array
    {
        $change = $this->queue->change($traits, $job->traits);
        $start = max($work + $change, $this->queue->time->before($job->notBefore));

        return [$start, $start + $job->minutes, $change];
    }

    /** @return array{int, array<string, string>|null} work before the first quilt of a frame, and what is set up there */
    public function begin(string $frame): array
    {
        $running = $this->queue->runningOn($frame);

        return [$this->queue->time->before($this->queue->now) + ($running->minutesLeft ?? 0), $running?->traits];
    }

    /**
     * @param list<QueueJob> $order
     *
     * @return list<QueueJob>
     */
    public static function merged(array $order): array
    {
        $free = array_values(array_filter($order, static fn(QueueJob $job): bool => null === $job->place));
        $pinned = array_values(array_filter($order, static fn(QueueJob $job): bool => null !== $job->place));
        usort($pinned, static fn(QueueJob $one, QueueJob $other): int => $one->place <=> $other->place);
        $merged = [];
        while ([] !== $free || [] !== $pinned) {
            $isDue = [] !== $pinned && ([] === $free || $pinned[0]->place <= \count($merged) + 1);
            $next = $isDue ? array_shift($pinned) : array_shift($free);
            \assert($next instanceof QueueJob);
            $merged[] = $next;
        }

        return $merged;
    }
}
