<?php

declare(strict_types=1);

namespace App\Public;

use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

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

    /** With its quilt; null where that was deleted. */
    public function findOneById(Ulid $id): ?JobLink
    {
        /** @var JobLink|null $link */
        $link = $this->createQueryBuilder('l')
            ->addSelect('q')
            ->join('l.quilt', 'q')
            ->where('l.id = :id')
            ->setParameter('id', $id, 'ulid')
            ->getQuery()
            ->getOneOrNullResult();

        return $link;
    }
}
