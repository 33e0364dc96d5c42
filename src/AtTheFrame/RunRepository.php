<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Run> */
final class RunRepository extends ServiceEntityRepository
{
    private const MOST_ENDED = 200;
    private const MOST = 2000;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Run::class);
    }

    /** The run that is going on, or else the last that was. */
    public function findLatest(Quilt $quilt): ?Run
    {
        return $this->findOneBy(['quilt' => $quilt], ['started' => 'DESC', 'id' => 'DESC']);
    }

    public function findOpen(Quilt $quilt): ?Run
    {
        return $this->findOneBy(['quilt' => $quilt, 'ended' => null], ['started' => 'DESC', 'id' => 'DESC']);
    }

    /** Lets nobody else write into its log until the transaction ends. */
    public function lock(Run $run): void
    {
        $this->getEntityManager()->lock($run, LockMode::PESSIMISTIC_WRITE);
    }

    /** @return list<Run> that have ended, of a client or of all, the last first */
    public function findEnded(Studio $studio, string $client): array
    {
        $query = $this->createQueryBuilder('r')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND r.ended IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.ended', 'DESC')
            ->addOrderBy('r.id', 'DESC')
            ->setMaxResults(self::MOST_ENDED);
        if ('' !== $client) {
            $query->andWhere('q.client = :client')->setParameter('client', $client);
        }
        /** @var list<Run> $ended */
        $ended = $query->getQuery()->getResult();

        return $ended;
    }

    /** @return list<Run> of a studio, the oldest first; of very many the last */
    public function findAllOf(Studio $studio): array
    {
        /** @var list<Run> $runs */
        $runs = $this->createQueryBuilder('r')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.started', 'DESC')
            ->addOrderBy('r.id', 'DESC')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return array_reverse($runs);
    }

    /** The run of a quilt in whose log an entry of this key is. */
    public function findWithEntry(Quilt $quilt, string $key): ?Run
    {
        /** @var Run|null $run */
        $run = $this->createQueryBuilder('r')
            ->innerJoin(LogEntry::class, 'e', 'WITH', 'e.run = r')
            ->where('r.quilt = :quilt AND e.entryKey = :key')
            ->setParameter('quilt', $quilt->id(), 'ulid')
            ->setParameter('key', $key)
            ->orderBy('r.started', 'DESC')
            ->setMaxResults(1)
            ->getQuery()
            ->getOneOrNullResult();

        return $run;
    }
}
