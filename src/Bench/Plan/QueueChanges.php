<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\AtTheFrame\LogEntry;
use App\AtTheFrame\Run;
use App\Bench\Chores\StudioChore;
use App\Bench\Hours\StudioHours;
use App\Frames\StudioFrame;
use App\Leaders\LeaderInspection;
use App\Platform\Afterwards;
use App\Platform\Kept\StudioChanges;
use App\Platform\Kept\StudioOf;
use App\Platform\Written;
use App\Public\Proposal;
use App\Quilt\Quilt;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Recipes\Recipe;
use App\Shelf\Thread\ShelfThread;
use App\Tension\StudioTask;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Ulid;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Has the queue worked out anew after anything is written that it rests on, whoever wrote it: once, however much that
 * is.
 */
#[AsDoctrineListener(Events::onFlush), AsDoctrineListener(Events::postFlush)]
final class QueueChanges implements ResetInterface
{
    private const RESTS_ON = [
        Studio::class,
        Quilt::class,
        StudioFrame::class,
        StudioHours::class,
        QueuePin::class,
        Run::class,
        Proposal::class,
        LogEntry::class,
        StudioTask::class,
        StudioChore::class,
        ShelfBatting::class,
        ShelfThread::class,
        Recipe::class,
        LeaderInspection::class,
    ];

    /** @var array<string, Ulid> studios that are touched by what is being written */
    private array $touched = [];

    public function __construct(
        private readonly BenchPlanRepository $plans,
        private readonly MessageBusInterface $bus,
        private readonly StudioChanges $changes,
        private readonly StudioOf $studioOf,
        private readonly Afterwards $afterwards,
    ) {}

    public function onFlush(OnFlushEventArgs $event): void
    {
        $entities = $event->getObjectManager();
        foreach (Written::by($entities->getUnitOfWork()) as $entity) {
            $rests = \in_array($entities->getClassMetadata($entity::class)->name, self::RESTS_ON, true);
            $studio = $rests ? $this->studioOf->find($entity, $entities) : null;
            if (null !== $studio) {
                $this->touched[(string) $studio->id()] = $studio->id();
            }
        }
    }

    public function postFlush(): void
    {
        [$touched, $this->touched] = [$this->touched, []];
        foreach ($touched as $studio) {
            $this->plan($studio, false);
        }
    }

    /**
     * Also where nothing was written: records went past the entities, or the clock has gone on.
     *
     * @param bool $isOverdue whether it is asked for although it was before
     */
    public function ask(Ulid $studio, bool $isOverdue = false): void
    {
        $this->plan($studio, $isOverdue);
        $this->changes->stamp($studio);
    }

    /** For a plan that does not come: the server may have ended between a change and the asking. */
    public function askAgain(Ulid $studio): void
    {
        $this->afterwards->do(fn() => $this->bus->dispatch(new PlanQueue($studio)));
    }

    private function plan(Ulid $studio, bool $isOverdue): void
    {
        if ($this->plans->markStale($studio) || $isOverdue) {
            $this->askAgain($studio);
        }
    }

    public function reset(): void
    {
        $this->touched = [];
    }
}
