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
            $changes = $this->plans->countChanges($studio);
            $areMore = $this->times->bringIn($studio, self::LOADS);
            $teaching = $this->times->teaching($studio);
            $plan->learn(
                array_map(
                    static fn(Factor $one): array => [round($one->value, 4), round($one->spread, 4), $one->steps],
                    $this->times->factors($teaching, $plan->forgotten())->byKind,
                ),
            );
            $this->plans->keep($plan);
            $areMore = $this->knowing->bringIn($studio, self::QUILTS) || $areMore;
            $document = $this->planning->plan($studio);
            $plan->work(
                [...$document, 'isWhole' => !$areMore, 'loads' => \count($teaching)],
                $this->calendar->write($studio, $document),
                $changes,
                $this->clock->now(),
            );
            $this->plans->keep($plan);
        } finally {
            $lock->release();
        }
        // What has changed meanwhile is in the next.
        if ($areMore || $this->plans->notPlanned($message->studio) > 0) {
            $this->bus->dispatch($message);
        }
    }
}
