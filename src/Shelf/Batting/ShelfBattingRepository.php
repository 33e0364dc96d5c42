<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Account\Studio;
use App\Clients\Client;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<ShelfBatting> */
final class ShelfBattingRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    /** More does not lie in a studio, and nobody would find it. */
    public const MOST = 5000;
    private const MOST_CUTS = 60;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, ShelfBatting::class);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?ShelfBatting
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    /** Also what has gone since. */
    public function findOneByNumber(Studio $studio, int $number): ?ShelfBatting
    {
        return $this->findOneBy(['studio' => $studio, 'number' => $number]);
    }

    public function findOneByKey(Studio $studio, string $key): ?ShelfBatting
    {
        return $this->findOneBy(['studio' => $studio, 'entryKey' => $key]);
    }

    /** @return list<ShelfBatting> what lies on the shelf: rolls first, then the larger pieces */
    public function findHere(Studio $studio): array
    {
        /** @var list<ShelfBatting> $found */
        $found = $this->createQueryBuilder('b')
            ->leftJoin('b.client', 'c')
            ->addSelect('c')
            ->where('b.studio = :studio AND b.gone IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('b.isRoll', 'DESC')
            ->addOrderBy('b.kind')
            ->addOrderBy('b.number')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $found;
    }

    /**
     * A part of what lies here: the studio's own before what is a client's, rolls before pieces.
     *
     * @param list<ShelfBatting> $without
     *
     * @return list<ShelfBatting>
     */
    public function findPage(Studio $studio, ?BattingKind $kind, array $without, int $from, int $most): array
    {
        $query = $this->createQueryBuilder('b')
            ->leftJoin('b.client', 'c')
            ->addSelect('c')
            ->where('b.studio = :studio AND b.gone IS NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('IDENTITY(b.client)')
            ->addOrderBy('b.isRoll', 'DESC')
            ->addOrderBy('b.kind')
            ->addOrderBy('b.number')
            ->setFirstResult($from)
            ->setMaxResults(max(1, $most));
        if (null !== $kind) {
            $query->andWhere('b.kind = :kind')->setParameter('kind', $kind->value);
        }
        if ([] !== $without) {
            $query
                ->andWhere('b.number NOT IN (:without)')
                ->setParameter('without', array_map(static fn(ShelfBatting $one): int => $one->number, $without));
        }
        /** @var list<ShelfBatting> $found */
        $found = $query->getQuery()->getResult();

        return $found;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<ShelfBatting> those of them that still lie here
     */
    public function findAmong(Studio $studio, array $ids): array
    {
        return [] === $ids
            ? []
            : $this->findBy(['studio' => $studio, 'gone' => null, 'id' => $ids], ['number' => 'ASC'], self::MOST);
    }

    /**
     * @param list<string> $ids whatever they say
     *
     * @return list<ShelfBatting> pieces among them that still lie here
     */
    public function findPieces(Studio $studio, array $ids): array
    {
        return array_values(
            array_filter(
                $this->findAmong($studio, array_values(array_filter($ids, Ulid::isValid(...)))),
                static fn(ShelfBatting $one): bool => !$one->isRoll(),
            ),
        );
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string> label by id, of those that still lie here
     */
    public function findLabels(Studio $studio, array $ids): array
    {
        /** @var list<array{id: Ulid, isRoll: bool, number: int}> $rows */
        $rows =
            [] === $ids
                ? []
                : $this->createQueryBuilder('b')
                    ->select('b.id, b.isRoll, b.number')
                    ->where('b.studio = :studio AND b.gone IS NULL AND b.id IN (:ids)')
                    ->setParameter('studio', $studio->id(), 'ulid')
                    ->setParameter(
                        'ids',
                        array_map(static fn(string $id): string => Ulid::fromString($id)->toBinary(), $ids),
                        ArrayParameterType::BINARY,
                    )
                    ->getQuery()
                    ->getArrayResult();
        $labels = [];
        foreach ($rows as $row) {
            $labels[(string) $row['id']] = ShelfBatting::labelOf($row['isRoll'], $row['number']);
        }

        return $labels;
    }

    /** @return array{list<Roll>, list<Piece>} what lies on the shelf, for the rules */
    public function findForRules(Studio $studio): array
    {
        [$rolls, $pieces] = [[], []];
        foreach ($this->findHere($studio) as $batting) {
            $one = $batting->forRule();
            if ($one instanceof Roll) {
                $rolls[] = $one;
            } else {
                $pieces[] = $one;
            }
        }

        return [$rolls, $pieces];
    }

    /** @return list<ShelfBatting> what was put there last, the newest first */
    public function findLast(Studio $studio, int $most): array
    {
        return $this->findBy(['studio' => $studio, 'gone' => null], ['number' => 'DESC'], $most);
    }

    public function countHere(Studio $studio, ?BattingKind $kind = null): int
    {
        return $this->count(['studio' => $studio, 'gone' => null, ...null === $kind ? [] : ['kind' => $kind]]);
    }

    /** @return list<ShelfBatting> that cover a need, the smallest pieces first, then rolls */
    public function findServing(Studio $studio, Need $need, int $most): array
    {
        $query = $this->createQueryBuilder('b')
            ->leftJoin('b.client', 'c')
            ->addSelect('c')
            ->where('b.studio = :studio AND b.gone IS NULL AND b.kind = :kind')
            ->andWhere(
                '(b.widthNm >= :across AND b.lengthNm >= :along) OR (b.widthNm >= :along AND b.lengthNm >= :across)',
            )
            ->setParameter('studio', $studio->id(), 'ulid')
            ->setParameter('kind', $need->kind->value)
            ->setParameter('across', $need->across->nanometres)
            ->setParameter('along', $need->along->nanometres)
            ->orderBy('b.isRoll')
            // In millimetres, for an area in nanometres is no whole number of the database any more.
            ->addOrderBy('(b.widthNm / 1000000) * (b.lengthNm / 1000000)')
            ->addOrderBy('b.number')
            ->setMaxResults($most);
        if ('' === $need->of) {
            $query->andWhere('b.client IS NULL');
        } else {
            $query
                ->andWhere('b.client IS NULL OR c.id = :client')
                ->setParameter('client', Ulid::fromString($need->of), 'ulid');
        }
        /** @var list<ShelfBatting> $found */
        $found = $query->getQuery()->getResult();

        return $found;
    }

    /** What was one client's is another's from now on. */
    public function handOver(Client $from, Client $to): void
    {
        $this->getEntityManager()
            ->createQuery('UPDATE ' . ShelfBatting::class . ' s SET s.client = :to WHERE s.client = :from')
            ->setParameter('to', $to->id(), 'ulid')
            ->setParameter('from', $from->id(), 'ulid')
            ->execute();
    }

    /** For the next label. */
    public function nextNumber(Studio $studio): int
    {
        return 1 +
            (int) $this->createQueryBuilder('b')
                ->select('MAX(b.number)')
                ->where('b.studio = :studio')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->getQuery()
                ->getSingleScalarResult();
    }

    /** @return list<ShelfCut> out of one roll or piece, the last first */
    public function findCuts(ShelfBatting $batting): array
    {
        return $this->getEntityManager()
            ->getRepository(ShelfCut::class)
            ->findBy(['batting' => $batting], ['made' => 'DESC', 'id' => 'DESC'], self::MOST_CUTS);
    }

    /** @return list<ShelfBatting> what a cut has left over */
    public function findRests(ShelfCut $cut): array
    {
        return $this->findBy(['restOf' => $cut], ['number' => 'ASC']);
    }

    /** The last cut for a quilt that was not taken back. */
    public function findCutFor(Quilt $quilt): ?ShelfCut
    {
        return $this->getEntityManager()
            ->getRepository(ShelfCut::class)
            ->findOneBy(['quilt' => $quilt, 'undone' => null], ['made' => 'DESC', 'id' => 'DESC']);
    }

    public function findCut(Studio $studio, Ulid $id): ?ShelfCut
    {
        $cut = $this->getEntityManager()->find(ShelfCut::class, $id);

        return $cut?->batting->studio === $studio ? $cut : null;
    }

    public function findCutByKey(ShelfBatting $batting, string $key): ?ShelfCut
    {
        return $this->getEntityManager()
            ->getRepository(ShelfCut::class)
            ->findOneBy(['batting' => $batting, 'entryKey' => $key]);
    }

    /**
     * One after the other: who comes second waits here, and then sees what the first has left.
     *
     * @template T
     *
     * @param list<ShelfBatting> $battings
     * @param \Closure(): T      $work
     *
     * @return T
     */
    public function alone(array $battings, \Closure $work): mixed
    {
        // In one order, so that two who want the same do not wait for each other.
        usort($battings, static fn(ShelfBatting $one, ShelfBatting $other): int => $one->id()->compare($other->id()));

        return $this->getEntityManager()->wrapInTransaction(function () use ($battings, $work): mixed {
            foreach ($battings as $batting) {
                $this->getEntityManager()->refresh($batting, LockMode::PESSIMISTIC_WRITE);
            }

            return $work();
        });
    }
}
