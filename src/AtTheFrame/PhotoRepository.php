<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Platform\ReadsOneByOne;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Photo> */
final class PhotoRepository extends ServiceEntityRepository
{
    use KeepsRecords;
    use ReadsOneByOne;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Photo::class);
    }

    public function findOneOf(Quilt $quilt, Ulid $id): ?Photo
    {
        $photo = $this->find($id);

        return true === $photo?->quilt->id()->equals($quilt->id()) ? $photo : null;
    }

    /** How many bytes all photos of a studio take. */
    public function weigh(Studio $studio): int
    {
        return (int) $this->createQueryBuilder('p')
            ->select('COALESCE(SUM(p.bytes), 0)')
            ->join('p.quilt', 'q')
            ->where('q.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->getQuery()
            ->getSingleScalarResult();
    }

    /** @return iterable<Photo> all of a studio that are made, however many */
    public function each(Studio $studio): iterable
    {
        return $this->oneByOne(
            $this->createQueryBuilder('p')
                ->join('p.quilt', 'q')
                ->where('q.studio = :studio')
                ->andWhere('p.isRaw = false')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->orderBy('p.id'),
            Photo::class,
        );
    }
}
