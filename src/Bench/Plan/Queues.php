<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\AtTheFrame\OnFrame;
use App\AtTheFrame\OnFrames;
use App\Bench\Hours\StudioHours;
use App\Bench\Hours\StudioHoursRepository;
use App\Bench\WallClock;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Schwung\Core\Queue\ChoreRule;
use Schwung\Core\Queue\Estimate;
use Schwung\Core\Queue\Factor;
use Schwung\Core\Queue\Factors;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\WorkingTime;

/** Makes a studio's queue of its records. */
final readonly class Queues
{
    /** More are not planned: nobody knows today what is done in three years. */
    public const MOST = 500;

    public function __construct(
        private QuiltRepository $quilts,
        private QuiltFactsRepository $facts,
        private QueuePinRepository $pins,
        private StudioFrameRepository $frames,
        private StudioHoursRepository $hours,
        private BenchPlanRepository $plans,
        private OnFrames $onFrames,
        private ClockInterface $clock,
    ) {}

    public function of(Studio $studio): StudioQueue
    {
        [$clock, $hours] = [WallClock::of($studio, $this->clock->now()), $this->hours->of($studio)];
        $factors = self::factors($this->plans->of($studio)->factors());
        [$quilts, $frames] = [$this->waiting($studio), $this->framesOf($studio)];
        $records = array_intersect_key($this->facts->findWaiting($studio), $quilts);
        $facts = array_map(static fn(QuiltFacts $one): Facts => $one->facts(), $records);
        $pins = array_intersect_key($this->pins->findWaiting($studio), $quilts);
        [$anywhere, $free, $estimates, $held] = [[], [], [], []];
        foreach ($quilts as $id => $quilt) {
            $able = isset($facts[$id]) ? $this->able($quilt, $facts[$id], $pins[$id] ?? null) : [];
            $held[$id] = match (true) {
                !isset($facts[$id]) => 'unknown',
                null === $facts[$id]->top => 'measure',
                [] === $able => 'stuck',
                default => '',
            };
            if (isset($facts[$id])) {
                $anywhere[$id] = $this->job($quilt, $facts[$id], $pins[$id] ?? null, $clock);
            }
            if ('' === $held[$id]) {
                $estimates[$id] = $facts[$id]->frames[$able[0]]->work->estimate($factors);
                $free[$id] = $anywhere[$id]->taking($able, $estimates[$id]->wholeMinutes());
            }
        }
        [$running, $onFrames] = [[], $this->onFrames->of($studio)];
        foreach ($onFrames as $one) {
            $estimates[(string) $one->quilt] = $one->work->estimate($factors);
            $running = $this->withRunning($running, $one, $estimates[(string) $one->quilt]);
        }
        $time = $hours->time($clock->firstDay);
        $pinned = array_map(
            static fn(QueueJob $job): QueueJob => self::pinned($job, $pins[$job->id] ?? null, $clock),
            $free,
        );
        [$pinned, $beyond] = $this->within($time, $pinned, array_values($running), $hours, $clock);

        return new StudioQueue(
            clock: $clock,
            queue: new Queue(
                $time,
                array_map(strval(...), array_keys($frames)),
                array_values($pinned),
                array_values($running),
                $hours->setup(),
                $clock->now,
            ),
            anywhere: array_map(
                static fn(QueueJob $job): QueueJob => self::pinned($job, $pins[$job->id] ?? null, $clock),
                $anywhere,
            ),
            free: array_intersect_key($free, $pinned),
            factors: $factors,
            estimates: $estimates,
            facts: $facts,
            quilts: $quilts,
            pins: $pins,
            frames: $frames,
            running: $onFrames,
            held: array_filter([...$held, ...$beyond]),
            uncounted: max(0, $this->quilts->countWaiting($studio) - \count($quilts)),
            hasHours: $this->hasHours($hours),
        );
    }

    /** @param array<string, array{float, float, int}> $record as BenchPlan keeps it */
    public static function factors(array $record): Factors
    {
        return new Factors(array_map(static fn(array $one): Factor => new Factor(...$one), $record));
    }

    public static function pinned(QueueJob $job, ?QueuePin $pin, WallClock $clock): QueueJob
    {
        if (null === $pin) {
            return $job;
        }
        $frame = (string) $pin->frame()?->id();
        $isAble = \in_array($frame, $job->frames, true);

        return $job->pinned(
            $isAble ? [$frame] : $job->frames,
            $isAble ? $pin->place() : null,
            null === $pin->notBefore() ? 0 : max(0, $clock->minuteOf($pin->notBefore())),
        );
    }

    /** @return array<string, Quilt> by id, by due day */
    private function waiting(Studio $studio): array
    {
        $waiting = [];
        foreach ($this->quilts->findWaiting($studio, self::MOST) as $quilt) {
            $waiting[(string) $quilt->id()] = $quilt;
        }

        return $waiting;
    }

    /** @return array<string, StudioFrame> */
    private function framesOf(Studio $studio): array
    {
        $frames = [];
        foreach ($this->frames->findOf($studio) as $frame) {
            $frames[(string) $frame->id()] = $frame;
        }

        return $frames;
    }

    /** @return list<string> the frames that it can go on: the one it is planned for, or any that takes it */
    private function able(Quilt $quilt, Facts $facts, ?QueuePin $pin): array
    {
        $fitting = array_map(
            strval(...),
            array_keys(array_filter($facts->frames, static fn(FrameFacts $frame): bool => $frame->fits)),
        );
        $own = $quilt->frame() ?? $pin?->frame();

        return null === $own ? $fitting : array_values(array_intersect($fitting, [(string) $own->id()]));
    }

    /** As it would be wherever it goes, on no frame yet. */
    private function job(Quilt $quilt, Facts $facts, ?QueuePin $pin, WallClock $clock): QueueJob
    {
        $at = static fn(?int $seconds): int => null === $seconds
            ? 0
            : $clock->minute(new \DateTimeImmutable("@$seconds"));
        $thread = $pin?->thread() ?? '';

        return new QueueJob(
            id: (string) $quilt->id(),
            due: null === $quilt->due() ? null : $clock->dayOf($quilt->due()),
            frames: [],
            minutes: 0,
            notBefore: max(
                0,
                $at($facts->planned),
                null === $facts->ready ? $clock->now + $facts->rest : $at($facts->ready),
                $facts->wants->isAwaited ? $clock->now + ChoreRule::MINUTES_FOR_CLOTH : 0,
            ),
            weight: (float) ($pin?->weight() ?? 1),
            traits: [...$facts->traits, ...'' === $thread ? [] : ['thread' => $thread]],
        );
    }

    /**
     * @param array<string, Running> $running by frame
     *
     * @return array<string, Running> two on one frame are done one after the other
     */
    private function withRunning(array $running, OnFrame $one, Estimate $estimate): array
    {
        $frame = null === $one->frameId ? '' : (string) $one->frameId;
        $left = (int) round($estimate->minutes()) + ($running[$frame]->minutesLeft ?? 0);

        return '' === $frame ? $running : [...$running, $frame => new Running((string) $one->quilt, $frame, $left)];
    }

    /**
     * @param array<string, QueueJob> $jobs
     * @param list<Running>           $running
     *
     * @return array{array<string, QueueJob>, array<string, string>} those that are done within the horizon, and why others
     *   are not
     */
    private function within(WorkingTime $time, array $jobs, array $running, StudioHours $hours, WallClock $clock): array
    {
        $left = $time->whole() - $time->before($clock->now);
        $left -= array_sum(array_map(static fn(Running $one): int => $one->minutesLeft, $running));
        [$within, $beyond] = [[], []];
        foreach ($jobs as $id => $job) {
            $needs = $job->minutes + array_sum($hours->setup());
            $waits = $time->before($job->notBefore) - $time->before($clock->now);
            if ($needs + max(0, $waits) < $left) {
                $within[$id] = $job;
                $left -= $needs;
            } else {
                $beyond[$id] = 'beyond';
            }
        }

        return [$within, $beyond];
    }

    private function hasHours(StudioHours $hours): bool
    {
        return [] !== array_filter($hours->hours());
    }
}
