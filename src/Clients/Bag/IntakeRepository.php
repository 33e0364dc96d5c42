<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Intake> */
final class IntakeRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Intake::class);
    }

    /** @return array<string, true> quilts whose client brings the batting, by their ids */
    public function findWithOwnBatting(Studio $studio): array
    {
        /** @var list<Intake> $found */
        $found = $this->createQueryBuilder('i')
            ->innerJoin('i.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND q.finished IS NULL AND q.loaded IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->getQuery()
            ->getResult();
        $theirs = [];
        foreach ($found as $intake) {
            if ('client' === $intake->facts()->batting) {
                $theirs[(string) $intake->quilt->id()] = true;
            }
        }

        return $theirs;
    }

    /** An empty one where nothing was written down. */
    public function of(Quilt $quilt): Intake
    {
        return $this->findOneBy(['quilt' => $quilt]) ?? new Intake($quilt);
    }
}
