<?php

declare(strict_types=1);

namespace App\Audit;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<AuditEntry> */
final class AuditRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public const PAGE = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, AuditEntry::class);
    }

    /**
     * @param  positive-int     $page
     *
     * @return list<AuditEntry> newest first
     */
    public function findOf(Studio $studio, int $page): array
    {
        return $this->findBy(['studio' => $studio], ['id' => 'DESC'], self::PAGE, self::PAGE * ($page - 1));
    }

    /** @return positive-int how many pages there are */
    public function countPages(Studio $studio): int
    {
        return max(1, (int) ceil($this->count(['studio' => $studio]) / self::PAGE));
    }
}
