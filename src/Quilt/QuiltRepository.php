<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Bench\ShelfPage;
use App\Bench\ShelfRow;
use App\Frames\StudioFrame;
use App\Platform\KeepsRecords;
use App\Platform\ReadsOneByOne;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Quilt> */
final class QuiltRepository extends ServiceEntityRepository
{
    use KeepsRecords;
    use ReadsOneByOne;

    /** A frame holds one quilt; a few more are a forgotten mark. */
    private const MOST_LOADED = 5;
    /** So many of those that wait are looked through for what they are held with. */
    private const MOST_BESIDE = 40;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Quilt::class);
    }

    /** @return iterable<Quilt> all of a studio, however many */
    public function each(Studio $studio): iterable
    {
        return $this->oneByOne(
            $this->createQueryBuilder('q')
                ->where('q.studio = :studio')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->orderBy('q.id'),
            Quilt::class,
        );
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Quilt
    {
        // With what every page of a quilt is made from, in one question.
        $quilt = $this->createQueryBuilder('q')
            ->addSelect('f', 'r')
            ->leftJoin('q.frame', 'f')
            ->leftJoin('q.revision', 'r')
            ->where('q.id = :id')
            ->andWhere('q.studio = :studio')
            ->setParameter('id', $id, 'ulid')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->getQuery()
            ->getOneOrNullResult();

        return $quilt instanceof Quilt ? $quilt : null;
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

    /**
     * The shelf, without what is finished: soonest due first, those without a day last; $search is looked for in title
     * and client.
     */
    public function findShelf(Studio $studio, string $search, int $page, UnitSystem $units): ShelfPage
    {
        /** @var array{total: int, dated: int} $count */
        $count = $this->shelfOf($studio, $search)
            ->select('COUNT(q.id) AS total', 'COUNT(q.due) AS dated')
            ->getQuery()
            ->getSingleResult();
        $first = ($page - 1) * ShelfPage::SIZE;
        // Asked for apart, so that each comes out of the index in its order: no sum over the whole shelf sorts it.
        $dated = $this->rows($this->shelfOf($studio, $search)->andWhere('q.due IS NOT NULL'), $units, $first);
        $left = ShelfPage::SIZE - \count($dated);
        $undated =
            $left > 0
                ? $this->rows(
                    $this->shelfOf($studio, $search)->andWhere('q.due IS NULL'),
                    $units,
                    max(0, $first - $count['dated']),
                    $left,
                )
                : [];

        return new ShelfPage([...$dated, ...$undated], $page, $count['total'], $search, $this->countOutdated($studio));
    }

    /** @return list<ShelfRow> */
    private function rows(QueryBuilder $shelf, UnitSystem $units, int $first, int $most = ShelfPage::SIZE): array
    {
        $verdict = UnitSystem::Inches === $units ? 'q.verdictIn' : 'q.verdictCm';
        $row = 'NEW %s(q.id, q.title, q.client, q.due, q.standing, %s, q.outdated)';
        /** @var list<ShelfRow> $rows */
        $rows = $shelf
            ->select(\sprintf($row, ShelfRow::class, $verdict))
            ->orderBy('q.due')
            ->addOrderBy('q.id')
            ->setFirstResult($first)
            ->setMaxResults($most)
            ->getQuery()
            ->getResult();

        return $rows;
    }

    /** @return list<Quilt> on the shelf with promises that nobody has done yet, soonest due first */
    public function findPromised(Studio $studio, int $most): array
    {
        /** @var list<Quilt> $quilts */
        $quilts = $this->createQueryBuilder('q')
            ->where('q.studio = :studio AND q.promised = true AND q.finished IS NULL AND q.loaded IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('CASE WHEN q.due IS NULL THEN 1 ELSE 0 END')
            ->addOrderBy('q.due')
            ->setMaxResults($most)
            ->getQuery()
            ->getResult();

        return $quilts;
    }

    /** Says of all quilts of the studio, or of one frame of it, that their verdicts are from before. */
    public function markOutdated(Studio $studio, ?StudioFrame $frame): void
    {
        $marking = $this->getEntityManager()
            ->createQueryBuilder()
            ->update(Quilt::class, 'q')
            ->set('q.outdated', 'true')
            ->where('q.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid');
        if (null !== $frame) {
            $marking->andWhere('q.frame = :frame')->setParameter('frame', $frame->id(), 'ulid');
        }
        $marking->getQuery()->execute();
    }

    /** @return list<Quilt> locked until the end of the transaction, so that nobody's entry is judged away */
    public function findOutdated(Ulid $studio, int $most): array
    {
        /** @var list<Quilt> $found */
        $found = $this->createQueryBuilder('q')
            ->where('q.studio = :studio AND q.outdated = true')
            ->setParameter('studio', $studio, 'ulid')
            ->orderBy('q.id')
            ->setMaxResults($most)
            ->getQuery()
            ->setLockMode(LockMode::PESSIMISTIC_WRITE)
            ->getResult();

        return $found;
    }

    public function countOutdated(Studio $studio): int
    {
        return $this->count(['studio' => $studio, 'outdated' => true]);
    }

    /** @return list<Quilt> that are on the frame now */
    public function findLoadedOn(StudioFrame $frame): array
    {
        /** @var list<Quilt> $loaded */
        $loaded = $this->createQueryBuilder('q')
            ->where('q.frame = :frame AND q.loaded IS NOT NULL')
            ->setParameter('frame', $frame->id(), 'ulid')
            ->orderBy('q.id')
            ->setMaxResults(self::MOST_LOADED)
            ->getQuery()
            ->getResult();

        return $loaded;
    }

    /**
     * What other quilts of this frame want to be held with on the day on which this one is loaded.
     *
     * @return array<string, string> the title of one of them, by the words of HoldingSystem
     */
    public function findHoldsWantedBeside(Quilt $quilt): array
    {
        $day = self::plannedDay($quilt);
        if ('' === $day || null === $quilt->frame()) {
            return [];
        }
        /** @var list<Quilt> $others */
        $others = $this->createQueryBuilder('q')
            ->addSelect('r')
            ->join('q.revision', 'r')
            ->where('q.frame = :frame AND q.loaded IS NULL AND q.finished IS NULL AND q.id <> :id')
            ->setParameter('frame', $quilt->frame()->id(), 'ulid')
            ->setParameter('id', $quilt->id(), 'ulid')
            ->orderBy('q.due')
            ->setMaxResults(self::MOST_BESIDE)
            ->getQuery()
            ->getResult();
        $wanted = [];
        foreach ($others as $other) {
            if ($day === self::plannedDay($other)) {
                foreach (['lead', 'tail'] as $end) {
                    $wanted[$other->sheet()->text("load/$end/method")] ??= $other->title();
                }
            }
        }

        return $wanted;
    }

    private static function plannedDay(Quilt $quilt): string
    {
        return substr($quilt->sheet()->text('load/planned'), 0, 10);
    }

    private function shelfOf(Studio $studio, string $search): QueryBuilder
    {
        $query = $this->createQueryBuilder('q')
            ->where('q.studio = :studio AND q.finished IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid');
        if ('' !== $search) {
            $query
                ->andWhere("q.title LIKE :search ESCAPE '!' OR q.client LIKE :search ESCAPE '!'")
                ->setParameter('search', '%' . strtr($search, ['!' => '!!', '%' => '!%', '_' => '!_']) . '%');
        }

        return $query;
    }
}
