<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Run> */
final class RunRepository extends ServiceEntityRepository
{
    use KeepsRecords;

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

    /** @return list<array<string, mixed>> what was written down of loads whose quilts were measured, the latest last */
    public function findMeasured(Studio $studio): array
    {
        /** @var list<array{off: array<string, mixed>}> $found */
        $found = $this->createQueryBuilder('r')
            ->select('r.off')
            ->innerJoin('r.quilt', 'q')
            ->where("q.studio = :studio AND r.ended IS NOT NULL AND r.off LIKE '%\"contraction\":[%'")
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.started', 'DESC')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return array_reverse(array_column($found, 'off'));
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

    /**
     * What is on the frames of a studio now, the earliest begun first, each with the number of the last entry in its
     * log.
     *
     * @return list<array{Run, int}>
     */
    public function findOnFrames(Studio $studio): array
    {
        /** @var list<array{0: Run, last: int|string|null}> $found */
        $found = $this->createQueryBuilder('r')
            ->select('r', '(SELECT MAX(e.id) FROM ' . LogEntry::class . ' e WHERE e.run = r) AS last')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND r.ended IS NULL AND q.carrier IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.started')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return array_map(static fn(array $row): array => [$row[0], (int) $row['last']], $found);
    }
}
