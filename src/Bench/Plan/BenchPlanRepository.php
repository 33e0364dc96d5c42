<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<BenchPlan> */
final class BenchPlanRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const TIME = 'Y-m-d H:i:s';

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
     * @return bool whether nobody had said so before: it has to be worked out then
     */
    public function markStale(Ulid $studio, \DateTimeImmutable $now): bool
    {
        $connection = $this->getEntityManager()->getConnection();
        $id = $studio->toBinary();
        $inserted = $connection->executeStatement(
            "INSERT IGNORE INTO bench_plan (studio_id, plan, factors, forgotten, calendar, stale)
                SELECT id, '[]', '[]', '[]', '', ? FROM studio WHERE id = ?",
            [$now->format(self::TIME), $id],
            [ParameterType::STRING, ParameterType::BINARY],
        );

        return 0 < $inserted ||
            0 <
                $connection->executeStatement(
                    'UPDATE bench_plan SET stale = ? WHERE studio_id = ? AND stale IS NULL',
                    [$now->format(self::TIME), $id],
                    [ParameterType::STRING, ParameterType::BINARY],
                );
    }

    /** From here on whatever changes is not in the plan that is being worked out. */
    public function markFresh(Studio $studio): void
    {
        $this->getEntityManager()
            ->getConnection()
            ->executeStatement(
                'UPDATE bench_plan SET stale = NULL WHERE studio_id = ?',
                [$studio->id()->toBinary()],
                [ParameterType::BINARY],
            );
    }
}
