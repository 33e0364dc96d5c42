<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\AtTheFrame\OnFrame;
use App\Bench\WallClock;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use Schwung\Core\Queue\Estimate;
use Schwung\Core\Queue\Factors;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;

/**
 * A studio's queue as the core has it, with the records that it was made from.
 *
 * Made with named arguments.
 */
final readonly class StudioQueue
{
    /**
     * @param array<string, QueueJob>    $anywhere  each that is known, as it would be wherever it goes, in the queue or not
     * @param array<string, QueueJob>    $free      the quilts in the queue by their ids, as they are without pins
     * @param array<string, Estimate>    $estimates of what runs and waits, by their ids
     * @param array<string, Facts>       $facts     of what waits, in the queue or not, by its id
     * @param array<string, Quilt>       $quilts    what waits, by its id, by due day
     * @param array<string, QueuePin>    $pins
     * @param array<string, StudioFrame> $frames    by their ids
     * @param list<OnFrame>              $running
     * @param array<string, string>      $held      why a quilt is not in the queue: measure, stuck, unknown, beyond
     * @param int                        $uncounted quilts that are more than can be planned
     */
    public function __construct(
        public WallClock $clock,
        public Queue $queue,
        public array $anywhere,
        public array $free,
        public Factors $factors,
        public array $estimates,
        public array $facts,
        public array $quilts,
        public array $pins,
        public array $frames,
        public array $running,
        public array $held,
        public int $uncounted,
        public bool $hasHours,
    ) {}

    /** @return array<string, float> minutes squared by id */
    public function variances(): array
    {
        return array_map(static fn(Estimate $estimate): float => $estimate->variance, $this->estimates);
    }

    /** A quilt as it would be on a frame, were it put there; null where it does not fit. */
    public function onFrame(string $id, string $frame): ?QueueJob
    {
        $on = $this->facts[$id]->frames[$frame] ?? null;

        return true === $on?->fits
            ? $this->anywhere[$id]->taking([$frame], $on->work->estimate($this->factors)->wholeMinutes())
            : null;
    }

    /** @return array<array-key, QueueJob> the quilts in the queue by their ids, with what was pinned */
    public function jobs(): array
    {
        return array_column($this->queue->jobs, null, 'id');
    }

    /**
     * The order in which it was worked out last; what is new since stands behind.
     *
     * @param array<string, mixed> $plan as Planning wrote it
     *
     * @return array<array-key, list<QueueJob>> by frame
     */
    public function keptOrders(array $plan): array
    {
        $orders = array_fill_keys($this->queue->frames, []);
        $waiting = $this->jobs();
        /** @var list<array{id: string, frame: string}> $placed */
        $placed = $plan['placed'] ?? [];
        foreach ($placed as $one) {
            if (isset($waiting[$one['id']], $orders[$one['frame']])) {
                $orders[$one['frame']][] = $waiting[$one['id']];
                unset($waiting[$one['id']]);
            }
        }
        foreach ($waiting as $job) {
            $orders[$job->frames[0]][] = $job;
        }

        return $orders;
    }
}
