<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Studio;
use App\AtTheFrame\Photo;
use App\Clients\Client;
use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Proposal> */
final class ProposalRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    /** More open ones of one quilt are not taken: somebody has to read them first. */
    public const MOST_OPEN = 20;
    private const MOST = 60;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Proposal::class);
    }

    /** @return list<Proposal> the last first */
    public function findOf(Quilt $quilt): array
    {
        return $this->findBy(['quilt' => $quilt], ['id' => 'DESC'], self::MOST);
    }

    public function countOpen(Quilt $quilt): int
    {
        return $this->count(['quilt' => $quilt, 'decided' => null]);
    }

    public function findOneOf(Quilt $quilt, Ulid $id): ?Proposal
    {
        return $this->findOneBy(['quilt' => $quilt, 'id' => $id]);
    }

    /**
     * Decides it, if nobody has yet; whoever else tries meanwhile waits until the end of the transaction.
     *
     * @return bool whether it was open still
     */
    public function decide(Proposal $proposal, bool $isAccepted, string $by, \DateTimeImmutable $now): bool
    {
        return 1 ===
            $this->getEntityManager()
                ->createQueryBuilder()
                ->update(Proposal::class, 'p')
                ->set('p.decided', ':now')
                ->set('p.decidedBy', ':by')
                ->set('p.accepted', ':accepted')
                ->where('p.id = :id AND p.decided IS NULL')
                ->setParameter('now', $now, 'datetime_immutable')
                ->setParameter('by', $by)
                ->setParameter('accepted', $isAccepted, 'boolean')
                ->setParameter('id', $proposal->id(), 'ulid')
                ->getQuery()
                ->execute();
    }

    /** Open again: what was taken over could not be. */
    public function reopen(Proposal $proposal): void
    {
        $this->getEntityManager()
            ->createQueryBuilder()
            ->update(Proposal::class, 'p')
            ->set('p.decided', 'NULL')
            ->where('p.id = :id')
            ->setParameter('id', $proposal->id(), 'ulid')
            ->getQuery()
            ->execute();
    }

    /** @return list<Quilt> whose clients have sent something that nobody has decided yet */
    public function findWaiting(Studio $studio): array
    {
        /** @var list<Quilt> $quilts */
        $quilts = $this->getEntityManager()
            ->createQueryBuilder()
            ->select('DISTINCT q')
            ->from(Quilt::class, 'q')
            ->innerJoin(Proposal::class, 'p', 'WITH', 'p.quilt = q AND p.decided IS NULL')
            ->where('q.studio = :studio')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('q.due')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();

        return $quilts;
    }

    /** What a client sent goes with them, their photos too, and their links open nothing any more. */
    public function forget(Client $client): void
    {
        $this->getEntityManager()
            ->createQuery(
                'DELETE FROM ' .
                    Photo::class .
                    ' f WHERE f.id IN (SELECT IDENTITY(p.photo) FROM ' .
                    Proposal::class .
                    ' p JOIN p.quilt q WHERE q.whose = :client)',
            )
            ->setParameter('client', $client->id(), 'ulid')
            ->execute();
        foreach ([Proposal::class, JobLink::class] as $record) {
            $this->getEntityManager()
                ->createQuery(
                    "DELETE FROM $record r WHERE r.quilt IN (SELECT q FROM " .
                        Quilt::class .
                        ' q WHERE q.whose = :client)',
                )
                ->setParameter('client', $client->id(), 'ulid')
                ->execute();
        }
    }
}
