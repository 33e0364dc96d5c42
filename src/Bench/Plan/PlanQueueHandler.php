<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\StudioRepository;
use App\Bench\Calendar\CalendarWriter;
use App\Bench\Times\TimesLearnt;
use Psr\Clock\ClockInterface;
use Schwung\Core\Queue\Factor;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/**
 * Works out the queue of a studio outside the request. What is not known of very many quilts is worked out some at a
 * time, and the queue is made of what is known meanwhile.
 */
#[AsMessageHandler]
final readonly class PlanQueueHandler
{
    private const QUILTS = 20;
    private const LOADS = 20;

    public function __construct(
        private StudioRepository $studios,
        private BenchPlanRepository $plans,
        private Knowing $knowing,
        private TimesLearnt $times,
        private Planning $planning,
        private CalendarWriter $calendar,
        private LockFactory $locks,
        private MessageBusInterface $bus,
        private ClockInterface $clock,
    ) {}

    public function __invoke(PlanQueue $message): void
    {
        $studio = $this->studios->find($message->studio);
        // Two workers would work out the same.
        $lock = $this->locks->createLock('queue-' . $message->studio);
        if (null === $studio || !$lock->acquire(true)) {
            return;
        }
        try {
            $plan = $this->plans->of($studio);
            $this->plans->markFresh($studio);
            $areMore = $this->times->bringIn($studio, self::LOADS);
            $factors = $this->times->factors($studio, $plan->forgotten());
            $record = array_map(
                static fn(Factor $one): array => [round($one->value, 4), round($one->spread, 4), $one->steps],
                $factors->byKind,
            );
            $plan->work($plan->plan(), $record, $plan->calendar(), $this->clock->now());
            $this->plans->keep($plan);
            $areMore = $this->knowing->bringIn($studio, self::QUILTS) || $areMore;
            $document = $this->planning->plan($studio);
            $plan->work(
                [...$document, 'isWhole' => !$areMore],
                $record,
                $this->calendar->write($studio, $document),
                $this->clock->now(),
            );
            $this->plans->keep($plan);
        } finally {
            $lock->release();
        }
        if ($areMore) {
            $this->plans->markStale($message->studio, $this->clock->now());
            $this->bus->dispatch($message);
        }
    }
}
