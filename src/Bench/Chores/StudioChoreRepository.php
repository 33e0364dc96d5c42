<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<StudioChore> */
final class StudioChoreRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 500;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioChore::class);
    }

    public function findOneByKey(Studio $studio, string $key): ?StudioChore
    {
        return $this->findOneBy(['studio' => $studio, 'key' => $key]);
    }

    /** @return list<StudioChore> what is still to be done of what was typed, the soonest first */
    public function findOpen(Studio $studio): array
    {
        /** @var list<StudioChore> $open */
        $open = $this->createQueryBuilder('c')
            ->where("c.studio = :studio AND c.done IS NULL AND c.text <> ''")
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('c.by')
            ->addOrderBy('c.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $open;
    }

    /** @return list<string> keys of what was ticked since a moment */
    public function findDoneKeys(Studio $studio, \DateTimeImmutable $since): array
    {
        /** @var list<string> $keys */
        $keys = $this->createQueryBuilder('c')
            ->select('c.key')
            ->where('c.studio = :studio AND c.done >= :since')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->setParameter('since', $since->setTimezone(new \DateTimeZone('UTC')))
            ->getQuery()
            ->getSingleColumnResult();

        return $keys;
    }

    /** @return list<StudioChore> what was ticked since a moment, the last first */
    public function findDone(Studio $studio, \DateTimeImmutable $since): array
    {
        /** @var list<StudioChore> $done */
        $done = $this->createQueryBuilder('c')
            ->where('c.studio = :studio AND c.done >= :since')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->setParameter('since', $since->setTimezone(new \DateTimeZone('UTC')))
            ->orderBy('c.done', 'DESC')
            ->setMaxResults(20)
            ->getQuery()
            ->getResult();

        return $done;
    }
}
