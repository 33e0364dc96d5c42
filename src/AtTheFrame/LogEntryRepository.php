<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

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

    /**
     * A whole log, however long. It is only added to, so that nothing of it need be watched for changes: its rows are
     * read without records, which would cost a page at the frame more than all else.
     *
     * @return array<int, JournalEntry> by their numbers, in the order of adding
     */
    public function entriesOf(Run $run): array
    {
        $rows = $this->getEntityManager()
            ->getConnection()
            ->iterateNumeric(
                'SELECT id, entry_key, kind, step, at_ms, data, person FROM log_entry WHERE run_id = ? ORDER BY id',
                [$run->id()],
                ['ulid'],
            );
        $entries = [];
        /** @var array{int, string, string, string|null, int, string, string} $row */
        foreach ($rows as $row) {
            [$id, $key, $kind, $step, $atMs, $data, $person] = $row;
            /** @var array<string, mixed> $fields */
            $fields = json_decode($data, true, flags: \JSON_THROW_ON_ERROR);
            $at = MomentMs::toMoment($atMs);
            $entries[$id] = new JournalEntry($key, EntryKind::from($kind), $step, $at, $fields, $person);
        }

        return $entries;
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
        return array_map(strval(...), array_keys($this->findTimes($run, $keys)));
    }

    /**
     * @param list<string> $keys
     *
     * @return array<string, int> when those were written that the log has already, in milliseconds since 1970, by key
     */
    public function findTimes(Run $run, array $keys): array
    {
        /** @var array<string, int> $times */
        $times = $this->createQueryBuilder('e')
            ->select('e.entryKey', 'e.atMs')
            ->where('e.run = :run AND e.entryKey IN (:keys)')
            ->setParameter('run', $run->id(), 'ulid')
            ->setParameter('keys', $keys)
            ->getQuery()
            ->getArrayResult();

        return array_column($times, 'atMs', 'entryKey');
    }
}
