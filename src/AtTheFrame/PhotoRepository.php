<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Photo> */
final class PhotoRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Photo::class);
    }

    public function findOneOf(Quilt $quilt, Ulid $id): ?Photo
    {
        $photo = $this->find($id);

        return true === $photo?->run->quilt->id()->equals($quilt->id()) ? $photo : null;
    }

    /**
     * All of a studio that are made, one after the other, however many; none stays in memory.
     *
     * @return iterable<Photo>
     */
    public function each(Studio $studio): iterable
    {
        $photos = $this->createQueryBuilder('p')
            ->join('p.run', 'r')
            ->join('r.quilt', 'q')
            ->where('q.studio = :studio')
            ->andWhere('p.isRaw = false')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('p.id')
            ->getQuery()
            ->toIterable();
        foreach ($photos as $photo) {
            \assert($photo instanceof Photo);
            yield $photo;
            $this->getEntityManager()->detach($photo);
        }
    }
}
