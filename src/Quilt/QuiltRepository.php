<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Bench\ShelfFilter;
use App\Bench\ShelfPage;
use App\Bench\ShelfRow;
use App\Frames\StudioFrame;
use App\Platform\KeepsRecords;
use App\Platform\ReadsOneByOne;
use App\Platform\Sought;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
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

    /** @return list<Quilt> that wait for a frame, each alone or as a load of several; by due day, those without one last */
    public function findWaiting(Studio $studio, int $most): array
    {
        /** @var list<Quilt> $waiting */
        $waiting = $this->waitingOf($studio)
            ->addSelect('CASE WHEN q.due IS NULL THEN 1 ELSE 0 END AS HIDDEN undated')
            ->orderBy('undated')
            ->addOrderBy('q.due')
            ->addOrderBy('q.id')
            ->setMaxResults($most)
            ->getQuery()
            ->getResult();

        return $waiting;
    }

    public function countWaiting(Studio $studio): int
    {
        return (int) $this->waitingOf($studio)->select('COUNT(q.id)')->getQuery()->getSingleScalarResult();
    }

    /** @return list<Quilt> that are loaded together in this one, from left to right */
    public function findCarried(Quilt $carrier): array
    {
        return $carrier->carriesOthers() ? $this->findBy(['carrier' => $carrier], ['carriedAt' => 'ASC']) : [];
    }

    /** A load of several that was never on a frame goes, and its tops are on the shelf by themselves again. */
    public function takeApart(Quilt $carrier): void
    {
        $entities = $this->getEntityManager();
        $entities->wrapInTransaction(function () use ($carrier, $entities): void {
            foreach ($this->findCarried($carrier) as $rider) {
                $rider->rideAlone();
            }
            $carrier->moveTo(null);
            $entities->flush();
            $entities
                ->createQueryBuilder()
                ->delete(Revision::class, 'r')
                ->where('r.quilt = :quilt')
                ->setParameter('quilt', $carrier->id(), 'ulid')
                ->getQuery()
                ->execute();
            $entities->remove($carrier);
        });
    }

    private function waitingOf(Studio $studio): QueryBuilder
    {
        return $this->createQueryBuilder('q')
            ->where('q.studio = :studio AND q.finished IS NULL AND q.loaded IS NULL AND q.carrier IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid');
    }

    public function nextNumber(Studio $studio, int $year): int
    {
        // The number of one that was deleted is on its bag still, and may come back.
        $filters = $this->getEntityManager()->getFilters();
        $filters->suspend('deleted');
        try {
            return 1 +
                (int) $this->createQueryBuilder('q')
                    ->select('MAX(q.number)')
                    ->where('q.studio = :studio AND q.numberYear = :year')
                    ->setParameter('studio', $studio->id(), 'ulid')
                    ->setParameter('year', $year)
                    ->getQuery()
                    ->getSingleScalarResult();
        } finally {
            $filters->restore('deleted');
        }
    }

    /**
     * The shelf, without what is finished; as it is sorted by due day, the soonest first and those without a day last.
     *
     * @param list<Ulid> $meant those of whose trouble the records here know nothing: late, parked
     */
    public function findShelf(
        Studio $studio,
        ShelfFilter $filter,
        int $page,
        UnitSystem $units,
        array $meant = [],
    ): ShelfPage {
        $shelf = fn(): QueryBuilder => $this->shelfOf($studio, $filter, $meant);
        /** @var array{total: int, dated: int} $count */
        $count = $shelf()->select('COUNT(q.id) AS total', 'COUNT(q.due) AS dated')->getQuery()->getSingleResult();
        $first = ($page - 1) * ShelfPage::SIZE;
        if ('due' !== $filter->sort) {
            $rows = $this->rows($shelf(), $units, $first, $filter->sort);
        } else {
            // Asked for apart, so that each comes out of the index in its order: no sum over the whole shelf sorts it.
            $rows = $this->rows($shelf()->andWhere('q.due IS NOT NULL'), $units, $first);
            $left = ShelfPage::SIZE - \count($rows);
            if ($left > 0) {
                $from = max(0, $first - $count['dated']);
                array_push($rows, ...$this->rows($shelf()->andWhere('q.due IS NULL'), $units, $from, most: $left));
            }
        }

        return new ShelfPage($rows, $page, $count['total'], $filter, $this->countOutdated($studio));
    }

    /** @return list<ShelfRow> */
    private function rows(
        QueryBuilder $shelf,
        UnitSystem $units,
        int $first,
        string $sort = 'due',
        int $most = ShelfPage::SIZE,
    ): array {
        $verdict = UnitSystem::Inches === $units ? 'q.verdictIn' : 'q.verdictCm';
        $row =
            'NEW %s(q.id, q.title, q.client, q.due, q.standing, %s, q.outdated, q.numberYear, q.number, f.name, q.loaded)';
        $order = ['due' => 'q.due', 'frame' => 'f.name', 'state' => 'q.standing'][$sort] ?? "q.$sort";
        /** @var list<ShelfRow> $rows */
        $rows = $shelf
            ->select(\sprintf($row, ShelfRow::class, $verdict))
            ->orderBy($order)
            ->addOrderBy('due' === $sort ? 'q.id' : 'q.due')
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

    public function hasAny(Studio $studio): bool
    {
        return null !== $this->findOneBy(['studio' => $studio]);
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

    /** @param list<Ulid> $meant */
    private function shelfOf(Studio $studio, ShelfFilter $filter, array $meant): QueryBuilder
    {
        $query = $this->createQueryBuilder('q')
            ->leftJoin('q.frame', 'f')
            ->where('q.studio = :studio AND q.finished IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid');
        if ('' !== $filter->search) {
            [$year, $number] = self::numberIn($filter->search);
            $query
                ->andWhere(
                    "q.titleSought LIKE :search ESCAPE '!' OR q.clientSought LIKE :search ESCAPE '!' OR " .
                        '(q.numberYear = :year AND q.number = :number)',
                )
                ->setParameter('search', Sought::anywhere($filter->search))
                ->setParameter('year', $year)
                ->setParameter('number', $number);
        }
        if ('frame' === $filter->state) {
            $query->andWhere('q.loaded IS NOT NULL');
        } elseif ('' !== $filter->state) {
            $query->andWhere('q.loaded IS NULL AND q.standing = :state')->setParameter('state', $filter->state);
        }
        if (Ulid::isValid($filter->frame)) {
            $query->andWhere('f.id = :frame')->setParameter('frame', new Ulid($filter->frame), 'ulid');
        }
        if ('' !== $filter->client) {
            $query->andWhere('q.client = :client')->setParameter('client', $filter->client);
        }
        if ('promised' === $filter->trouble) {
            $query->andWhere('q.promised = true');
        } elseif ('undated' === $filter->trouble) {
            $query->andWhere('q.due IS NULL');
        } elseif ('' !== $filter->trouble) {
            $ids = array_map(static fn(Ulid $id): string => $id->toBinary(), $meant);
            $query->andWhere('q.id IN (:meant)')->setParameter('meant', $ids, ArrayParameterType::BINARY);
        }

        return $query;
    }

    /** @return array{int, int} year and number; impossible ones where it is no number of a quilt */
    private static function numberIn(string $search): array
    {
        return 1 === preg_match('/^(\d{2})\s*[-\/ ]\s*0*(\d{1,6})$/', $search, $parts)
            ? [2000 + (int) $parts[1], (int) $parts[2]]
            : [-1, -1];
    }
}
