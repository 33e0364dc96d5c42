<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * By when a quilt can be done that is not in the queue yet: behind what stands there, with an even chance, and with
 * four chances in five.
 *
 * Rule 18: the mean, and the mean and 0.84 standard deviations, of which the variances of all steps before it add up:
 * four fifths of a normal distribution lie below that.
 */
final readonly class PromiseRule
{
    private const FOUR_IN_FIVE = 0.84;

    /**
     * @param QueueJob             $job       with the frames that it can go on
     * @param float                $variance  of its minutes
     * @param array<string, float> $variances of what runs and waits, in minutes squared by id; what is not named is sure
     *
     * @return Promise|null null where no frame takes it, or it is beyond the horizon
     */
    public function promise(
        Queue $queue,
        Schedule $schedule,
        QueueJob $job,
        float $variance,
        array $variances = [],
    ): ?Promise {
        $best = null;
        foreach (array_intersect($queue->frames, $job->frames) as $frame) {
            $promise = $this->on($frame, $queue, $schedule, $job, $variance, $variances);
            $best = null !== $promise && (null === $best || $promise->even < $best->even) ? $promise : $best;
        }

        return $best;
    }

    /** @param array<string, float> $variances */
    private function on(
        string $frame,
        Queue $queue,
        Schedule $schedule,
        QueueJob $job,
        float $variance,
        array $variances,
    ): ?Promise {
        $course = new Course($queue);
        [$work, $traits] = $course->begin($frame);
        $running = $queue->runningOn($frame);
        $all = $variance + (null === $running ? 0.0 : $variances[$running->id] ?? 0.0);
        foreach ($schedule->on($frame) as $placed) {
            [, $work] = $course->after($placed->job, $work, $traits);
            $traits = $placed->job->traits;
            $all += $variances[$placed->job->id] ?? 0.0;
        }
        [$begins, $ends] = $course->after($job, $work, $traits);
        [$start, $even, $safe] = [
            $queue->time->startsAt($begins),
            $queue->time->endsAt($ends),
            $queue->time->endsAt($ends + (int) ceil(self::FOUR_IN_FIVE * sqrt($all))),
        ];

        return null === $start || null === $even || null === $safe ? null : new Promise($frame, $start, $even, $safe);
    }
}
