<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * A good course of many quilts: the earliest due first, each where it ends soonest; then quilts are taken out and put
 * in elsewhere, and two exchanged, as long as that is better. Never worse than earliest due first.
 */
final readonly class HeuristicRule
{
    /**
     * So many quilts are laid in all tries together, so that three frames of a long queue are answered within a
     * second.
     */
    private const MOST_LAID = 40_000;
    /** A quilt is tried so many places from its own. */
    private const REACH = 12;

    private Course $course;

    public function __construct(Queue $queue)
    {
        $this->course = new Course($queue);
    }

    /**
     * @param list<QueueJob> $jobs
     * @param list<string>   $frames
     *
     * @return array<array-key, list<QueueJob>> by frame, in order
     */
    public function good(array $jobs, array $frames): array
    {
        $orders = $this->earliestDueFirst($jobs, $frames);
        $best = $this->course->lay($orders);
        $most = intdiv(self::MOST_LAID, max(1, \count($jobs)));
        $tries = 0;
        do {
            $isBetter = false;
            foreach ($this->neighbours($orders) as $other) {
                if (++$tries > $most) {
                    break;
                }
                $laid = $this->course->lay($other);
                if ($laid->compareTo($best) < 0) {
                    [$orders, $best, $isBetter] = [$other, $laid, true];
                    break;
                }
            }
        } while ($isBetter && $tries <= $most);

        return $orders;
    }

    /**
     * @param list<QueueJob> $jobs
     * @param list<string>   $frames
     *
     * @return array<array-key, list<QueueJob>>
     */
    public function earliestDueFirst(array $jobs, array $frames): array
    {
        usort(
            $jobs,
            static fn(QueueJob $one, QueueJob $other): int => [$one->due ?? \PHP_INT_MAX, -$one->weight] <=> [
                $other->due ?? \PHP_INT_MAX,
                -$other->weight,
            ],
        );
        $orders = array_fill_keys($frames, []);
        $stands = array_combine($frames, array_map($this->course->begin(...), $frames));
        foreach ($jobs as $job) {
            $ends = array_map(
                fn(array $stand): int => $this->course->after($job, ...$stand)[1],
                array_intersect_key($stands, array_flip($job->frames)),
            );
            asort($ends);
            $frame = (string) array_key_first($ends);
            $orders[$frame][] = $job;
            $stands[$frame] = [$ends[$frame], $job->traits];
        }

        return $orders;
    }

    /**
     * @param array<array-key, list<QueueJob>> $orders
     *
     * @return iterable<array<array-key, list<QueueJob>>> what is one move away
     */
    private function neighbours(array $orders): iterable
    {
        foreach ($orders as $from => $order) {
            $from = (string) $from;
            foreach ($order as $i => $job) {
                $without = $orders;
                array_splice($without[$from], $i, 1);
                foreach ($orders as $to => $others) {
                    $to = (string) $to;
                    if (!\in_array($to, $job->frames, true)) {
                        continue;
                    }
                    $middle = $from === $to ? $i : min($i, \count($others));
                    for (
                        $place = max(0, $middle - self::REACH);
                        $place <= min(\count($without[$to]), $middle + self::REACH);
                        ++$place
                    ) {
                        if ($from !== $to || $place !== $i) {
                            $moved = $without;
                            array_splice($moved[$to], $place, 0, [$job]);
                            yield $moved;
                        }
                    }
                    yield from $this->exchanges($orders, [$from, $i], $to);
                }
            }
        }
    }

    /**
     * @param array<array-key, list<QueueJob>> $orders
     * @param array{string, int}            $one    its frame and place
     *
     * @return iterable<array<array-key, list<QueueJob>>>
     */
    private function exchanges(array $orders, array $one, string $to): iterable
    {
        [$from, $i] = $one;
        foreach ($orders[$to] as $k => $other) {
            if ([$from, $i] < [$to, $k] && abs($k - $i) <= self::REACH && \in_array($from, $other->frames, true)) {
                $exchanged = $orders;
                array_splice($exchanged[$from], $i, 1, [$other]);
                array_splice($exchanged[$to], $k, 1, [$orders[$from][$i]]);
                yield $exchanged;
            }
        }
    }
}
