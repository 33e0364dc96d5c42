<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\AtTheFrame\OnFrame;
use App\Bench\Chores\StandingChores;
use App\Bench\Gangs\GangOffers;
use App\Shelf\Outlook;
use App\Shelf\Outlooks;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreRule;
use Schwung\Core\Queue\Estimate;
use Schwung\Core\Queue\PinRule;
use Schwung\Core\Queue\Placed;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Schedule;
use Schwung\Core\Queue\Wants;
use Schwung\Core\Queue\WayOut;
use Schwung\Core\Queue\WaysOutRule;

/** Works out a studio's queue, and writes down all that the bench and the calendar show of it. */
final readonly class Planning
{
    /**
     * So many late quilts are told their ways out, and so many pins their cost; with more, those are not the trouble.
     */
    private const MOST_TOLD = 12;
    /** So many days of working hours are written down. */
    private const DAYS = 370;

    public function __construct(
        private Queues $queues,
        private GangOffers $gangs,
        private StandingChores $standing,
        private Outlooks $outlooks,
    ) {}

    /** @return array<string, mixed> */
    public function plan(Studio $studio): array
    {
        $known = $this->queues->of($studio);
        $schedule = $known->hasHours ? (new QueueRule())->schedule($known->queue) : new Schedule([], true);

        $outlook = $this->outlooks->of($studio, $known, $schedule);

        return [
            'from' => $known->clock->firstDay->format('Y-m-d'),
            'now' => $known->clock->now,
            'hasHours' => $known->hasHours,
            'frames' => $this->frames($known, $schedule),
            'quilts' => $this->quilts($known),
            'placed' => $this->allPlaced($known, $schedule),
            'chores' => array_map(
                static fn(Chore $chore): array => [
                    'key' => $chore->key,
                    'kind' => $chore->kind->value,
                    'by' => $chore->by,
                    'quilt' => $chore->quilt,
                    'frame' => $chore->frame,
                    'of' => $chore->of,
                ],
                [
                    ...(new ChoreRule())->chores($known->queue, $schedule, $this->wants($known, $outlook)),
                    ...$this->standing->of($studio, $known->frames, $known->clock),
                ],
            ),
            'shelf' => $outlook->toArray(),
            'gangs' => $this->gangs->of($known),
            'proved' => $schedule->isProved,
            'uncounted' => $known->uncounted,
            'days' => array_map($known->queue->time->spansOn(...), range(0, self::DAYS)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function frames(StudioQueue $known, Schedule $schedule): array
    {
        $frames = [];
        foreach ($known->frames as $id => $frame) {
            $running = $known->queue->runningOn((string) $id);
            $work = $known->queue->time->before($known->clock->now) + ($running->minutesLeft ?? 0);
            $last = \array_slice($schedule->on((string) $id), -1)[0] ?? null;
            $until = null === $running ? null : $known->queue->time->endsAt($work);
            $frames[] = [
                'id' => (string) $id,
                'name' => $frame->name(),
                'rail' => $frame->measures()->size(FrameMeasure::Rail)->toMillimetres(),
                'until' => $until,
                'free' => $last->end ?? $until,
                'running' => array_map(
                    static fn(OnFrame $one): array => [
                        'id' => (string) $one->quilt,
                        'title' => $one->title,
                        'client' => $one->client,
                        'due' => $one->due?->format('Y-m-d'),
                        'size' => $one->size,
                        ...self::estimate($known->estimates[(string) $one->quilt]),
                    ],
                    array_values(
                        array_filter(
                            $known->running,
                            static fn(OnFrame $one): bool => (string) $one->frameId === (string) $id,
                        ),
                    ),
                ),
            ];
        }

        return $frames;
    }

    /** @return array<string, array<string, mixed>> of all that waits, by id */
    private function quilts(StudioQueue $known): array
    {
        $quilts = [];
        foreach ($known->quilts as $id => $quilt) {
            $facts = $known->facts[$id] ?? null;
            $pin = $known->pins[$id] ?? null;
            $quilts[$id] = [
                'title' => $quilt->title(),
                'client' => $quilt->client(),
                'due' => $quilt->due()?->format('Y-m-d'),
                'frame' => null === $quilt->frame() ? null : (string) $quilt->frame()->id(),
                'top' => $facts?->top,
                'assumed' => $facts->assumed ?? [],
                'held' => $known->held[$id] ?? '',
                'promises' => $facts->wants->promises ?? [],
                'onFrames' => array_map(
                    static fn(FrameFacts $frame): array => [
                        'fits' => $frame->fits,
                        'words' => $frame->sentence,
                        'passes' => $frame->passes,
                        'size' => [$frame->across, $frame->along],
                        'short' => $frame->short,
                    ],
                    $facts->frames ?? [],
                ),
                ...isset($known->estimates[$id]) ? self::estimate($known->estimates[$id]) : [],
                'pin' =>
                    null === $pin?->pinned()
                        ? null
                        : [
                            'frame' => null === $pin->frame() ? null : (string) $pin->frame()->id(),
                            'place' => $pin->place(),
                            'by' => $pin->person(),
                            'on' => $pin->pinned()->getTimestamp(),
                        ],
                'notBefore' => $pin?->notBefore()?->format('Y-m-d\TH:i'),
            ];
        }

        return $quilts;
    }

    /** @return array<string, float> */
    private static function estimate(Estimate $estimate): array
    {
        return [
            'loading' => round($estimate->loading, 1),
            'stitching' => round($estimate->stitching, 1),
            'tending' => round($estimate->tending, 1),
            'unlearnt' => round($estimate->unlearnt, 1),
            'spread' => round($estimate->spread(), 1),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function allPlaced(StudioQueue $known, Schedule $schedule): array
    {
        [$all, $late, $pinned] = [[], 0, 0];
        foreach ($schedule->placed as $placed) {
            $isLate = $placed->daysLate() > 0;
            $isPinned = null !== ($known->pins[$placed->job->id] ?? null)?->pinned();
            $late += $isLate ? 1 : 0;
            $pinned += $isPinned ? 1 : 0;
            $all[] = $this->placed(
                $known,
                $schedule,
                $placed,
                $isLate && $late <= self::MOST_TOLD,
                $isPinned && $pinned <= self::MOST_TOLD,
            );
        }

        return $all;
    }

    /**
     * @param bool $isHelped whether its ways out are told
     * @param bool $isPriced whether it is told what its pin costs
     *
     * @return array<string, mixed>
     */
    private function placed(
        StudioQueue $known,
        Schedule $schedule,
        Placed $placed,
        bool $isHelped,
        bool $isPriced,
    ): array {
        return [
            'id' => $placed->job->id,
            'frame' => $placed->frame,
            'start' => $placed->start,
            'end' => $placed->end,
            'daysLate' => $placed->daysLate(),
            'setup' => $placed->setupMinutes,
            'cost' => $isPriced
                ? (new PinRule())->cost($known->queue, $schedule, $known->free[$placed->job->id])
                : null,
            'ways' => !$isHelped
                ? []
                : array_map(
                    static fn(WayOut $way): array => [
                        'kind' => $way->kind->value,
                        'end' => $way->end,
                        'costs' => round($way->costs, 2),
                        'frame' => $way->frame,
                        'day' => $way->day,
                        'minutes' => $way->minutes,
                    ],
                    (new WaysOutRule())->waysOut(
                        $known->queue,
                        $schedule,
                        $placed,
                        $this->elsewhere($known, $placed->job->id),
                    ),
                ),
        ];
    }

    /** @return list<QueueJob> the quilt on each frame that takes it */
    private function elsewhere(StudioQueue $known, string $id): array
    {
        return array_values(
            array_filter(
                array_map(static fn(string $frame): ?QueueJob => $known->onFrame($id, $frame), $known->queue->frames),
            ),
        );
    }

    /** @return array<string, Wants> */
    private function wants(StudioQueue $known, Outlook $outlook): array
    {
        $wants = [];
        foreach ($known->facts as $id => $facts) {
            $wants[$id] = new Wants(
                null === $facts->ready && [] === array_intersect(['batting'], $facts->assumed) ? $facts->rest : null,
                $facts->wants->isAwaited,
                $facts->wants->promises,
                $facts->wants->isZipped,
                $outlook->isToBuy((string) $id),
                isset($outlook->threads[$id]),
            );
        }

        return $wants;
    }
}
