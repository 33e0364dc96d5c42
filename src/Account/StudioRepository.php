<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Studio> */
final class StudioRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    /** So many are erased in one go; the next go has the rest. */
    private const MOST = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Studio::class);
    }

    /** @return list<Studio> those that were closed and whose time of grace is over */
    public function findOverdue(\DateTimeImmutable $now): array
    {
        /** @var list<Studio> $studios */
        $studios = $this->createQueryBuilder('s')
            ->where('s.erasedOn <= :now')
            ->setParameter('now', $now)
            ->orderBy('s.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $studios;
    }
}
