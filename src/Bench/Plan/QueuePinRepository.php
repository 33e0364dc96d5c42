<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<QueuePin> */
final class QueuePinRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, QueuePin::class);
    }

    public function of(Quilt $quilt): QueuePin
    {
        return $this->find($quilt->id()) ?? new QueuePin($quilt);
    }

    /** @return array<string, QueuePin> of the quilts that wait, by their ids, the first place first */
    public function findWaiting(Studio $studio): array
    {
        /** @var list<QueuePin> $found */
        $found = $this->createQueryBuilder('p')
            ->innerJoin('p.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND q.finished IS NULL AND q.loaded IS NULL AND q.carrier IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('p.place')
            ->getQuery()
            ->getResult();

        return array_combine(array_map(static fn(QueuePin $pin): string => (string) $pin->quilt->id(), $found), $found);
    }
}
