<?php

declare(strict_types=1);

namespace App\Designs;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use App\Platform\ReadsOneByOne;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<StudioDesign> */
final class StudioDesignRepository extends ServiceEntityRepository
{
    use KeepsRecords;
    use ReadsOneByOne;

    public const MOST = 60;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioDesign::class);
    }

    /** @return list<StudioDesign> by name */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['name' => 'ASC', 'id' => 'ASC'], self::MOST);
    }

    /** @return iterable<StudioDesign> all of a studio, however many */
    public function each(Studio $studio): iterable
    {
        return $this->oneByOne(
            $this->createQueryBuilder('d')
                ->where('d.studio = :studio')
                ->setParameter('studio', $studio->id(), 'ulid')
                ->orderBy('d.id'),
            StudioDesign::class,
        );
    }

    public function findOneOf(Studio $studio, Ulid $id): ?StudioDesign
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    /** @return array<string, string> names by id, without their paths */
    public function namesOf(Studio $studio): array
    {
        /** @var list<array{id: Ulid, name: string}> $rows */
        $rows = $this->createQueryBuilder('d')
            ->select('d.id, d.name')
            ->where('d.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('d.name')
            ->addOrderBy('d.id')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getArrayResult();

        return array_combine(
            array_map(static fn(array $row): string => (string) $row['id'], $rows),
            array_column($rows, 'name'),
        );
    }
}
