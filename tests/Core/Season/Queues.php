<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Queue\PinRule;
use Schwung\Core\Queue\Placed;
use Schwung\Core\Queue\PromiseRule;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\Schedule;
use Schwung\Core\Queue\WaysOutRule;
use Schwung\Core\Queue\WorkingTime;

/** Quilts that wait for two or three frames: their order, what it costs, what is promised and every way out. */
final readonly class Queues implements Account
{
    private const FRAMES = ['north', 'south', 'poles'];
    private const HOURS = [
        1 => [[540, 720], [780, 1020]],
        2 => [[540, 1020]],
        4 => [[600, 900], [1080, 1200]],
        5 => [[540, 725]],
    ];

    public function pages(): int
    {
        return 64;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $queue = self::queue($lot);
        $schedule = (new QueueRule())->schedule($queue);
        foreach ($schedule->placed as $placed) {
            yield \sprintf(
                '%s on %s from %d to %d, %d changing, %d late',
                $placed->job->id,
                $placed->frame,
                $placed->start,
                $placed->end,
                $placed->setupMinutes,
                $placed->daysLate(),
            );
        }
        yield \sprintf(
            '%.2f late in all, %d of them, done at %d, %s',
            $schedule->weightedLateness(),
            $schedule->lateJobs(),
            $schedule->finish(),
            $schedule->isProved ? 'proved' : 'good',
        );
        yield from self::asked($lot, $queue, $schedule);
    }

    private static function queue(Lot $lot): Queue
    {
        $frames = \array_slice(self::FRAMES, 0, $lot->between(1, 3));
        $jobs = [];
        for ($i = $lot->between(2, $lot->isOf(25) ? 16 : 8); $i > 0; --$i) {
            $jobs[] = new QueueJob(
                "q$i",
                $lot->perhaps(80, $lot->between(0, 9)),
                [] === $jobs || $lot->isOf(40) ? [$lot->of($frames)] : $frames,
                30 * $lot->between(1, 20),
                $lot->isOf(20) ? $lot->between(0, 5000) : 0,
                $lot->of([1.0, 1.0, 0.5, 3.0]),
                ['thread' => $lot->of(['grey', 'gold', 'black']), 'foot' => $lot->of(['ruler', 'hopping'])],
                [] === $jobs ? $lot->perhaps(30, $lot->between(1, 3)) : null,
            );
        }

        return new Queue(
            new WorkingTime(new \DateTimeImmutable('2027-03-01 UTC'), self::HOURS),
            $frames,
            $jobs,
            $lot->isOf(60) ? [new Running('runs', $frames[0], $lot->between(10, 900), ['thread' => 'gold'])] : [],
            ['thread' => $lot->of([5, 10]), 'foot' => $lot->of([0, 15])],
            $lot->of([0, 0, 630, 2000]),
        );
    }

    /** @return iterable<string> */
    private static function asked(Lot $lot, Queue $queue, Schedule $schedule): iterable
    {
        $another = new QueueJob('another', $lot->between(0, 6), $queue->frames, 240, weight: 2.0);
        yield 'promised ' .
            Words::of(
                (new PromiseRule())->promise(
                    $queue,
                    $schedule,
                    $another,
                    900.0,
                    array_fill_keys(array_column($queue->jobs, 'id'), 400.0) + ['runs' => 100.0],
                ),
            );
        yield 'at the earliest on day ' . (new QueueRule())->earliest($queue, $another);
        foreach ($schedule->placed as $placed) {
            if ($placed->daysLate() > 0) {
                yield "{$placed->job->id}: " . self::waysOut($queue, $schedule, $placed);
            }
        }
        $first = $queue->jobs[0]->pinned($queue->jobs[0]->frames, null, 0);
        $kept = (new QueueRule())->schedule($queue->replacing($first->pinned([$first->frames[0]], 1, 0)));
        yield 'pinned first ' . Words::of((new PinRule())->cost($queue, $kept, $first));
    }

    private static function waysOut(Queue $queue, Schedule $schedule, Placed $late): string
    {
        $elsewhere = array_map(
            static fn(string $frame): QueueJob => $late->job->pinned([$frame], null, $late->job->notBefore),
            $late->job->frames,
        );

        return Words::of((new WaysOutRule())->waysOut($queue, $schedule, $late, $elsewhere));
    }
}
