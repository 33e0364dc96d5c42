<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Quilt\Quilt;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Queue\Course;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\Schedule;

/** What would be if a quilt were put at a place in the queue, before it is let go there. */
final readonly class Trying
{
    public function __construct(private Queues $queues, private BenchPlanRepository $plans) {}

    /** @param int $place on the frame, the first is 1 */
    public function at(Quilt $quilt, string $frame, int $place, UnitSystem $units): Tried
    {
        $known = $this->queues->of($quilt->studio);
        $id = (string) $quilt->id();
        $facts = $known->facts[$id] ?? null;
        $on = $facts->frames[$frame] ?? null;
        if (null === $facts || null === $on) {
            return Tried::no('It is still being worked out. Ask again in a moment.');
        }
        if (null === $facts->top) {
            return Tried::no('Its top is not measured yet: nobody can say whether it fits.');
        }
        $job = $known->onFrame($id, $frame);
        if (null === $job) {
            return Tried::no($on->words($units), $on->short);
        }
        $orders = $known->keptOrders($this->plans->of($quilt->studio)->plan());
        $course = new Course($known->queue);
        $before = $course->inOrder($orders);
        $orders = array_map(
            static fn(array $order): array => array_values(
                array_filter($order, static fn(QueueJob $one): bool => $one->id !== $id),
            ),
            $orders,
        );
        array_splice($orders[$frame], max(0, $place - 1), 0, [$job]);
        $after = $course->inOrder($orders);
        $placed = $after?->find($id);
        if (null === $before || null === $after || null === $placed) {
            return Tried::no('It would not be done within ten years of these hours.');
        }
        $ofOwn = null === $quilt->frame() ? null : $facts->frames[(string) $quilt->frame()->id()] ?? null;

        return new Tried(
            fits: true,
            sentence: $on->words($units),
            short: $on->short,
            passes: $on->passes,
            instead: $ofOwn === $on ? null : $ofOwn?->passes,
            placed: $placed,
            clock: $known->clock,
            delayed: $this->delayed($before, $after, $known, $id),
        );
    }

    /** @return array<string, int> days by which others are later than they would be, by title */
    private function delayed(Schedule $before, Schedule $after, StudioQueue $known, string $id): array
    {
        [$was, $delayed] = [$before->daysLateById(), []];
        foreach ($after->placed as $placed) {
            $more = $placed->daysLate() - ($was[$placed->job->id] ?? 0);
            if ($placed->job->id !== $id && $more > 0) {
                $delayed[$known->quilts[$placed->job->id]->title()] = $more;
            }
        }

        return $delayed;
    }
}
