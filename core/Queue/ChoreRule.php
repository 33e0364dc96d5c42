<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * What the queue asks for, by when: each thing in time for the load that needs it. What is done is in no record that
 * asks for it, and so it is gone.
 */
final readonly class ChoreRule
{
    /** Sewing and trimming want the day before. */
    private const DAY_BEFORE = WorkingTime::DAY;
    /** So long cloth takes to come that a client still has to bring. */
    public const MINUTES_FOR_CLOTH = 5 * WorkingTime::DAY;

    /**
     * @param array<string, Wants> $wants by the ids of quilts
     *
     * @return list<Chore> the soonest first
     */
    public function chores(Queue $queue, Schedule $schedule, array $wants): array
    {
        $chores = [];
        foreach ($queue->frames as $frame) {
            $running = $queue->runningOn($frame);
            if (null !== $running) {
                $chores[] = new Chore("go-on $running->id", ChoreKind::GoOn, $queue->now, $running->id, $frame);
            }
            $before = $queue->now;
            foreach ($schedule->on($frame) as $placed) {
                $wanted = $wants[$placed->job->id] ?? new Wants();
                array_push($chores, ...$this->before($placed, $wanted, $before, $queue->now));
                $before = $placed->start;
            }
        }
        usort($chores, static fn(Chore $one, Chore $other): int => ($one->by ?? 0) <=> ($other->by ?? 0));

        return $chores;
    }

    /**
     * @param int $loaded when the quilt before it goes on
     * @param int $now    what should have been done before has to be done now
     *
     * @return list<Chore>
     */
    private function before(Placed $placed, Wants $wants, int $loaded, int $now): array
    {
        $id = $placed->job->id;
        $chores = [];
        $add = static function (ChoreKind $kind, int $by, ?string $of = null) use (&$chores, $placed, $id, $now): void {
            $key = $kind->value . ' ' . $id . (null === $of ? '' : " $of");
            $chores[] = new Chore($key, $kind, max($now, $by), $id, $placed->frame, $of);
        };
        if ($wants->isWithoutBatting) {
            $add(ChoreKind::Buy, $placed->start - ($wants->rests ?? 0) - self::DAY_BEFORE);
        }
        if ($wants->isWithoutThread) {
            $add(ChoreKind::BuyThread, $placed->start - self::DAY_BEFORE);
        }
        if (null !== $wants->rests) {
            $add(ChoreKind::Unpack, $placed->start - $wants->rests);
        }
        if ($wants->isAwaited) {
            $add(ChoreKind::AskClient, $placed->start - self::MINUTES_FOR_CLOTH);
        }
        foreach ($wants->promises as $promise) {
            $add(ChoreKind::AtTheTable, $placed->start - self::DAY_BEFORE, $promise);
        }
        if ($wants->isZipped) {
            $add(ChoreKind::PinZips, max($loaded, $placed->start - self::DAY_BEFORE));
        }
        $add(ChoreKind::Load, $placed->start);

        return $chores;
    }
}
