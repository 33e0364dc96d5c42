<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Studio;
use App\Platform\Containing;
use App\Platform\KeepsRecords;
use App\Platform\Sought;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Client> */
final class ClientRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public const A_PAGE = 50;
    private const MOST_QUILTS = 60;
    /** So many names are offered where one is typed. */
    private const MOST_NAMES = 500;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Client::class);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Client
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    /** Also where it is written in other letters of the same, as the database compares them. */
    public function findOneNamed(Studio $studio, string $name): ?Client
    {
        return $this->findOneBy(['studio' => $studio, 'name' => trim($name)]);
    }

    /** @return list<Client> by name */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['name' => 'ASC', 'id' => 'ASC'], self::MOST_NAMES);
    }

    /** @return list<ClientRow> by name */
    public function findRows(Studio $studio, string $search, int $page): array
    {
        $query = $this->createQueryBuilder('c')
            ->select(
                \sprintf(
                    'NEW %s(c.id, c.name, c.email, c.phone, COUNT(q.id), ' .
                        'SUM(CASE WHEN q.id IS NOT NULL AND q.finished IS NULL THEN 1 ELSE 0 END))',
                    ClientRow::class,
                ),
            )
            ->leftJoin(Quilt::class, 'q', 'WITH', 'q.whose = c')
            ->where('c.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->groupBy('c.id, c.name, c.email, c.phone')
            ->orderBy('c.name')
            ->addOrderBy('c.id')
            ->setFirstResult(max(0, $page - 1) * self::A_PAGE)
            ->setMaxResults(self::A_PAGE + 1);
        if ('' !== $search) {
            $query
                ->andWhere("c.name LIKE :search ESCAPE '!' OR c.email LIKE :search ESCAPE '!'")
                ->setParameter('search', Containing::text($search));
        }
        /** @var list<ClientRow> $rows */
        $rows = $query->getQuery()->getResult();

        return $rows;
    }

    /** @return list<string> by name */
    public function findNames(Studio $studio): array
    {
        /** @var list<string> $names */
        $names = $this->createQueryBuilder('c')
            ->select('c.name')
            ->where('c.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('c.name')
            ->setMaxResults(self::MOST_NAMES)
            ->getQuery()
            ->getSingleColumnResult();

        return $names;
    }

    /** @return list<Quilt> the last first */
    public function findQuilts(Client $client): array
    {
        /** @var list<Quilt> $quilts */
        $quilts = $this->getEntityManager()
            ->createQueryBuilder()
            ->select('q', 'f')
            ->from(Quilt::class, 'q')
            ->leftJoin('q.frame', 'f')
            ->where('q.whose = :client')
            ->setParameter('client', $client->id(), 'ulid')
            ->orderBy('q.id', 'DESC')
            ->setMaxResults(self::MOST_QUILTS)
            ->getQuery()
            ->getResult();

        return $quilts;
    }

    /** Their quilts carry the name for the bench; it is written into all of them at once. */
    public function rename(Client $client): void
    {
        $this->label($client, $client->name(), $client);
    }

    /** What was another's is this client's from now on. */
    public function handOver(Client $from, Client $to): void
    {
        $this->label($from, $to->name(), $to);
    }

    /** Their quilts stay and say that the client was removed. */
    public function release(Client $client): void
    {
        $this->label($client, Client::REMOVED, null);
    }

    private function label(Client $of, string $name, ?Client $whose): void
    {
        $this->getEntityManager()
            ->createQueryBuilder()
            ->update(Quilt::class, 'q')
            ->set('q.client', ':name')
            ->set('q.clientSought', ':sought')
            ->set('q.whose', ':whose')
            ->where('q.whose = :of')
            ->setParameter('name', $name)
            ->setParameter('sought', Sought::in($name))
            ->setParameter('whose', $whose?->id(), 'ulid')
            ->setParameter('of', $of->id(), 'ulid')
            ->getQuery()
            ->execute();
    }
}
