<?php

declare(strict_types=1);

namespace App\Bench\When;

use App\Account\Studio;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\FactsOf;
use App\Bench\Plan\FrameFacts;
use App\Bench\Plan\Queues;
use App\Quilt\Quilt;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Queue\Course;
use Schwung\Core\Queue\PromiseRule;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\Schedule;
use Symfony\Component\Uid\Ulid;

/** Says by when a quilt can be done that is not even on the shelf yet. */
final readonly class Promising
{
    public function __construct(private Queues $queues, private FactsOf $factsOf, private BenchPlanRepository $plans) {}

    public function answer(Studio $studio, WhenInput $input, UnitSystem $units): WhenAnswer
    {
        $known = $this->queues->of($studio);
        if (!$known->hasHours) {
            return WhenAnswer::no('No working hours are set, so nothing can be promised.');
        }
        $quilt = new Quilt($studio, (string) new Ulid(), 'A new quilt', '', null, null);
        $facts = $this->factsOf->quilt($quilt, array_values($known->frames), $input->sheet());
        $able = array_filter(
            $facts->frames,
            static fn(FrameFacts $on, string|int $id): bool => $on->fits &&
                (null === $input->frame || (string) $input->frame->id() === (string) $id),
            \ARRAY_FILTER_USE_BOTH,
        );
        if ([] === $able) {
            $on = null === $input->frame ? null : $facts->frames[(string) $input->frame->id()] ?? null;
            $on ??= array_values($facts->frames)[0] ?? null;

            return WhenAnswer::no(
                null === $on ? 'There is no frame yet.' : 'No frame of yours takes it: ' . $on->words($units),
            );
        }
        $schedule =
            (new Course($known->queue))->inOrder($known->keptOrders($this->plans->of($studio)->plan())) ??
            new Schedule([], false);
        $best = null;
        foreach ($able as $id => $on) {
            $estimate = $on->work->estimate($known->factors);
            $promise = (new PromiseRule())->promise(
                $known->queue,
                $schedule,
                new QueueJob(
                    id: 'when',
                    due: null,
                    frames: [(string) $id],
                    minutes: $estimate->wholeMinutes(),
                    notBefore: $known->clock->now + $facts->rest,
                    traits: $facts->traits,
                ),
                $estimate->variance,
                $known->variances(),
            );
            if (null !== $promise && (null === $best || $promise->even < $best[0]->even)) {
                $best = [$promise, $estimate, $on];
            }
        }

        return null === $best
            ? WhenAnswer::no('It would not be done within ten years of these hours.')
            : new WhenAnswer(
                '',
                $known->frames[$best[0]->frame]->name(),
                $known->clock,
                $best[0],
                $best[1],
                $best[2]->passes,
            );
    }
}
