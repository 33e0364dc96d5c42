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

        return true === $photo?->run->quilt->id()->equals($quilt->id()) ? $photo : null;
    }

    /** @return iterable<Photo> all of a studio that are made, however many */
    public function each(Studio $studio): iterable
    {
        return $this->oneByOne(
            $this->createQueryBuilder('p')
                ->join('p.run', 'r')
                ->join('r.quilt', 'q')
                ->where('q.studio = :studio')
                ->andWhere('p.isRaw = false')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->orderBy('p.id'),
            Photo::class,
        );
    }
}
