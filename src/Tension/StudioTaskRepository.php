<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\Frames\StudioFrame;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Tension\Task;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<StudioTask> */
final class StudioTaskRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioTask::class);
    }

    /** @return list<StudioTask> that are still to be done, the oldest first */
    public function findOpen(Studio $studio): array
    {
        /** @var list<StudioTask> $tasks */
        $tasks = $this->createQueryBuilder('t')
            ->innerJoin('t.frame', 'f')
            ->addSelect('f')
            ->where('f.studio = :studio AND t.done IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('t.made')
            ->addOrderBy('t.id')
            ->getQuery()
            ->getResult();

        return $tasks;
    }

    public function findOpenOn(StudioFrame $frame, Task $task): ?StudioTask
    {
        return $this->findOneBy(['frame' => $frame, 'task' => $task, 'done' => null]);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?StudioTask
    {
        $task = $this->find($id);

        return true === $task?->frame->studio->id()->equals($studio->id()) ? $task : null;
    }
}
