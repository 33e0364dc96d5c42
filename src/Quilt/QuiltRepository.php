<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Bench\ShelfPage;
use App\Bench\ShelfRow;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Quilt> */
final class QuiltRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Quilt::class);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Quilt
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    public function findOneByEntry(Studio $studio, string $entryKey): ?Quilt
    {
        return $this->findOneBy(['studio' => $studio, 'entryKey' => $entryKey]);
    }

    /** Reads the quilt anew and lets nobody else change it until the transaction ends. */
    public function lock(Quilt $quilt): void
    {
        $this->getEntityManager()->refresh($quilt, LockMode::PESSIMISTIC_WRITE);
    }

    /** The shelf: soonest due first, those without a day last; $search is looked for in title and client. */
    public function findShelf(Studio $studio, string $search, int $page, UnitSystem $units): ShelfPage
    {
        $verdict = UnitSystem::Inches === $units ? 'q.verdictIn' : 'q.verdictCm';
        $rows = $this->shelfOf($studio, $search)
            ->select(\sprintf('NEW %s(q.id, q.title, q.client, q.due, q.standing, %s)', ShelfRow::class, $verdict))
            ->addSelect('CASE WHEN q.due IS NULL THEN 1 ELSE 0 END AS HIDDEN undated')
            ->orderBy('undated')->addOrderBy('q.due')->addOrderBy('q.id')
            ->setFirstResult(($page - 1) * ShelfPage::SIZE)->setMaxResults(ShelfPage::SIZE);
        /** @var list<ShelfRow> $found */
        $found = $rows->getQuery()->getResult();
        $total = (int) $this->shelfOf($studio, $search)->select('COUNT(q.id)')->getQuery()->getSingleScalarResult();

        return new ShelfPage($found, $page, $total, $search);
    }

    private function shelfOf(Studio $studio, string $search): QueryBuilder
    {
        $query = $this->createQueryBuilder('q')->where('q.studio = :studio')->setParameter('studio', $studio->id(), 'ulid');
        if ('' !== $search) {
            $query->andWhere("q.title LIKE :search ESCAPE '!' OR q.client LIKE :search ESCAPE '!'")
                ->setParameter('search', '%'.strtr($search, ['!' => '!!', '%' => '!%', '_' => '!_']).'%');
        }

        return $query;
    }
}
