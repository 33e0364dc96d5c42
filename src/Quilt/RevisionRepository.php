<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Revision> */
final class RevisionRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Revision::class);
    }

    public function findBefore(Quilt $quilt): ?Revision
    {
        return $this->neighbour($quilt, '<', 'DESC');
    }

    public function findAfter(Quilt $quilt): ?Revision
    {
        return $this->neighbour($quilt, '>', 'ASC');
    }

    /** @return array{bool, bool} whether there is one before the quilt's own, and one after it */
    public function sides(Quilt $quilt): array
    {
        /** @var array{first: int|string|null, last: int|string|null} $places */
        $places = $this->createQueryBuilder('r')
            ->select('MIN(r.place) AS first, MAX(r.place) AS last')
            ->where('r.quilt = :quilt')
            ->setParameter('quilt', $quilt->id(), 'ulid')
            ->getQuery()
            ->getSingleResult();
        $place = $quilt->revision()->place ?? 0;

        return [(int) ($places['first'] ?? $place) < $place, (int) ($places['last'] ?? $place) > $place];
    }

    public function findOneOf(Quilt $quilt, int $id): ?Revision
    {
        $own = $quilt->revision();

        return $own?->id() === $id ? $own : $this->findOneBy(['quilt' => $quilt, 'id' => $id]);
    }

    /**
     * Forgets what had been undone, which a new change replaces, and what is too long ago.
     *
     * @param int $oldest the place of the last that is too long ago
     */
    public function forget(Quilt $quilt, int $oldest): void
    {
        $this->createQueryBuilder('r')
            ->delete()
            ->where('r.quilt = :quilt AND (r.place > :place OR r.place <= :oldest)')
            ->setParameter('quilt', $quilt->id(), 'ulid')
            ->setParameter('place', $quilt->revision()->place ?? 0)
            ->setParameter('oldest', $oldest)
            ->getQuery()
            ->execute();
    }

    /** @param '<'|'>' $side */
    private function neighbour(Quilt $quilt, string $side, string $order): ?Revision
    {
        /** @var Revision|null $revision */
        $revision = $this->createQueryBuilder('r')
            ->where("r.quilt = :quilt AND r.place $side :place")
            ->setParameter('quilt', $quilt->id(), 'ulid')
            ->setParameter('place', $quilt->revision()->place ?? 0)
            ->orderBy('r.place', $order)
            ->setMaxResults(1)
            ->getQuery()
            ->getOneOrNullResult();

        return $revision;
    }
}
