<?php

declare(strict_types=1);

namespace App\Public;

use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<JobLink> */
final class JobLinkRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, JobLink::class);
    }

    public function findOpen(Quilt $quilt): ?JobLink
    {
        return $this->findOneBy(['quilt' => $quilt, 'closed' => null], ['id' => 'DESC']);
    }
}
