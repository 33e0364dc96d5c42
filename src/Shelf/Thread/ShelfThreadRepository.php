<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<ShelfThread> */
final class ShelfThreadRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 500;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShelfThread::class);
    }

    /** @return list<ShelfThread> by colour */
    public function findHere(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio, 'gone' => null], ['colour' => 'ASC', 'id' => 'ASC'], self::MOST);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?ShelfThread
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    public function findOneByKey(Studio $studio, string $key): ?ShelfThread
    {
        return $this->findOneBy(['studio' => $studio, 'entryKey' => $key]);
    }

    /** @param \Closure(): void $work with the cone as nobody else can change it meanwhile */
    public function alone(ShelfThread $thread, \Closure $work): void
    {
        $this->getEntityManager()->wrapInTransaction(function () use ($thread, $work): void {
            $this->getEntityManager()->refresh($thread, LockMode::PESSIMISTIC_WRITE);
            $work();
        });
    }
}
