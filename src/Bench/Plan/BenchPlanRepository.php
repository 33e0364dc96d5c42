<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Shelf\Outlook;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<BenchPlan> */
final class BenchPlanRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, BenchPlan::class);
    }

    public function of(Studio $studio): BenchPlan
    {
        return $this->find($studio->id()) ?? new BenchPlan($studio);
    }

    public function findOneByLink(#[\SensitiveParameter] string $hash): ?BenchPlan
    {
        return $this->findOneBy(['linkHash' => $hash]);
    }

    /**
     * Notes that something has changed that the plan does not know yet. Said past the entities, for it is said while
     * they are being written.
     *
     * @return bool whether it knew everything before: it has to be worked out then
     */
    public function markStale(Ulid $studio): bool
    {
        $notPlanned = $this->number(
            "INSERT INTO bench_plan (studio_id, plan, shelf, factors, forgotten, calendar, changes)
                SELECT id, '[]', '[]', '[]', '[]', '', 1 FROM studio WHERE id = ?
                ON DUPLICATE KEY UPDATE changes = changes + 1
                RETURNING changes - planned",
            $studio,
        );

        return 1 === $notPlanned;
    }

    /**
     * What of the shelf was worked out with the queue, null before the first time, and whether anything has changed
     * since. Nothing else of the plan is read.
     *
     * @return array{Outlook|null, bool}
     */
    public function findOutlook(Studio $studio): array
    {
        /** @var array{shelf: string|null, stale: int|string}|false $row */
        $row = $this->getEntityManager()
            ->getConnection()
            ->fetchAssociative(
                'SELECT shelf, changes > planned AS stale FROM bench_plan WHERE studio_id = ?',
                [$studio->id()->toBinary()],
                [ParameterType::BINARY],
            );
        $record = false === $row || null === $row['shelf'] ? null : json_decode($row['shelf'], true);

        /** @var array<string, mixed>|null $record */
        return [
            \is_array($record) && [] !== $record ? Outlook::fromArray($record) : null,
            false === $row || 0 !== (int) $row['stale'],
        ];
    }

    /** Without the plan itself, which is large. */
    public function state(Studio $studio): PlanState
    {
        /** @var array{changes: int|string, planned: int|string, worked: string|null}|false $row */
        $row = $this->getEntityManager()
            ->getConnection()
            ->fetchAssociative(
                'SELECT changes, planned, worked FROM bench_plan WHERE studio_id = ?',
                [$studio->id()->toBinary()],
                [ParameterType::BINARY],
            );

        return false === $row
            ? new PlanState(0, 0, null)
            : new PlanState(
                (int) $row['changes'],
                (int) $row['planned'],
                null === $row['worked'] ? null : new \DateTimeImmutable($row['worked'], new \DateTimeZone('UTC')),
            );
    }

    /** How often anything has changed so far. */
    public function countChanges(Studio $studio): int
    {
        return $this->number('SELECT changes FROM bench_plan WHERE studio_id = ?', $studio->id());
    }

    public function notPlanned(Ulid $studio): int
    {
        return $this->number('SELECT changes - planned FROM bench_plan WHERE studio_id = ?', $studio);
    }

    private function number(string $query, Ulid $studio): int
    {
        $number = $this->getEntityManager()
            ->getConnection()
            ->fetchOne($query, [$studio->toBinary()], [ParameterType::BINARY]);

        return is_numeric($number) ? (int) $number : 0;
    }
}
