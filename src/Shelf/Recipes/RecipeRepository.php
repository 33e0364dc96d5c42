<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Recipe> */
final class RecipeRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    /** So many of the last are looked through for one that is like a new quilt's. */
    private const MOST = 200;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Recipe::class);
    }

    /** An empty one where nothing is settled. */
    public function of(Quilt $quilt): Recipe
    {
        return $this->find($quilt) ?? new Recipe($quilt);
    }

    /** @return list<Recipe> of quilts that wait, by due day */
    public function findWaiting(Studio $studio): array
    {
        /** @var list<Recipe> $found */
        $found = $this->createQueryBuilder('r')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->where('q.studio = :studio AND q.finished IS NULL AND q.loaded IS NULL AND r.settled IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('q.due')
            ->addOrderBy('q.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $found;
    }

    /** @return list<Recipe> that were stitched by, the last first */
    public function findStitched(Studio $studio): array
    {
        /** @var list<Recipe> $found */
        $found = $this->createQueryBuilder('r')
            ->innerJoin('r.quilt', 'q')
            ->addSelect('q')
            ->leftJoin('r.top', 't')
            ->addSelect('t')
            ->leftJoin('r.bobbin', 'b')
            ->addSelect('b')
            ->where('q.studio = :studio AND q.finished IS NOT NULL AND r.settled IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('q.finished', 'DESC')
            ->addOrderBy('q.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $found;
    }
}
