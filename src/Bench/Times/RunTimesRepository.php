<?php

declare(strict_types=1);

namespace App\Bench\Times;

use App\Account\Studio;
use App\AtTheFrame\LogEntry;
use App\AtTheFrame\Run;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<RunTimes> */
final class RunTimesRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 2000;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, RunTimes::class);
    }

    /** @return list<RunTimes> of the studio's loads, the oldest first; of very many the last */
    public function findOf(Studio $studio): array
    {
        /** @var list<RunTimes> $found */
        $found = $this->createQueryBuilder('t')
            ->innerJoin('t.run', 'r')
            ->addSelect('r')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.started', 'DESC')
            ->addOrderBy('r.id', 'DESC')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return array_reverse($found);
    }

    /**
     * Loads whose log has grown since their times were read.
     *
     * @return list<Run>
     */
    public function findGrown(Studio $studio, int $most): array
    {
        /** @var list<Run> $grown */
        $grown = $this->getEntityManager()
            ->createQuery(
                'SELECT r, q FROM ' .
                    Run::class .
                    ' r JOIN r.quilt q LEFT JOIN ' .
                    RunTimes::class .
                    ' t WITH t.run = r WHERE q.studio = :studio AND (SELECT MAX(e.id) FROM ' .
                    LogEntry::class .
                    ' e WHERE e.run = r) > COALESCE(t.last, 0) ORDER BY r.started',
            )
            ->setParameter('studio', $studio->id(), 'ulid')
            ->setMaxResults($most)
            ->getResult();

        return $grown;
    }
}
