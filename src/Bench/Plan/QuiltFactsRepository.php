<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<QuiltFacts> */
final class QuiltFactsRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, QuiltFacts::class);
    }

    /** @return array<string, QuiltFacts> of the quilts that wait, by their ids */
    public function findWaiting(Studio $studio): array
    {
        /** @var list<QuiltFacts> $found */
        $found = $this->createQueryBuilder('f')
            ->innerJoin('f.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND q.finished IS NULL AND q.loaded IS NULL AND q.carrier IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->getQuery()
            ->getResult();

        return array_combine(
            array_map(static fn(QuiltFacts $facts): string => (string) $facts->quilt->id(), $found),
            $found,
        );
    }
}
