<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<LogEntry> */
final class LogEntryRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    /** Of one question; a load of many passes, read at each, stays well below. */
    private const MOST = 5000;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, LogEntry::class);
    }

    /** @return list<LogEntry> a whole log, however long, in the order of adding */
    public function findOf(Run $run): array
    {
        $all = [];
        do {
            $portion = $this->findAfter($run, [] === $all ? 0 : $all[\count($all) - 1]->id());
            array_push($all, ...$portion);
        } while (self::MOST === \count($portion));

        return $all;
    }

    /** @return list<LogEntry> a portion of those added after a number, in the order of adding */
    public function findAfter(Run $run, int $after): array
    {
        /** @var list<LogEntry> $entries */
        $entries = $this->createQueryBuilder('e')
            ->where('e.run = :run AND e.id > :after')
            ->setParameter('run', $run->id(), 'ulid')
            ->setParameter('after', $after)
            ->orderBy('e.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $entries;
    }

    /** @return array{count: int, highest: int} how many entries a run has, and the last number given to one */
    public function tally(Run $run): array
    {
        /** @var array{count: int, highest: ?int} $tally */
        $tally = $this->createQueryBuilder('e')
            ->select('COUNT(e.id) AS count, MAX(e.id) AS highest')
            ->where('e.run = :run')
            ->setParameter('run', $run->id(), 'ulid')
            ->getQuery()
            ->getSingleResult();

        return ['count' => (int) $tally['count'], 'highest' => (int) $tally['highest']];
    }

    /**
     * @param list<string> $keys
     *
     * @return list<string> those that the log has already
     */
    public function findKnown(Run $run, array $keys): array
    {
        /** @var list<string> $known */
        $known = $this->createQueryBuilder('e')
            ->select('e.entryKey')
            ->where('e.run = :run AND e.entryKey IN (:keys)')
            ->setParameter('run', $run->id(), 'ulid')
            ->setParameter('keys', $keys)
            ->getQuery()
            ->getSingleColumnResult();

        return $known;
    }
}
