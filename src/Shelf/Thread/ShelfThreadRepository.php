<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Account\Studio;
use App\Clients\Client;
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

    /** What was one client's is another's from now on. */
    public function handOver(Client $from, Client $to): void
    {
        $this->getEntityManager()
            ->createQuery('UPDATE ' . ShelfThread::class . ' s SET s.client = :to WHERE s.client = :from')
            ->setParameter('to', $to->id(), 'ulid')
            ->setParameter('from', $from->id(), 'ulid')
            ->execute();
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
