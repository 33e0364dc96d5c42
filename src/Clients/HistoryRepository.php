<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Studio;
use App\AtTheFrame\Run;
use Doctrine\ORM\EntityManagerInterface;

/** What the room of clients asks of the runs of all rooms. */
final readonly class HistoryRepository
{
    private const MOST = 200;

    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<Run> that have ended, of a client or of all, the last first */
    public function findEnded(Studio $studio, string $client): array
    {
        $query = $this->entities
            ->createQueryBuilder()
            ->select('r', 'q')
            ->from(Run::class, 'r')
            ->innerJoin('r.quilt', 'q')
            ->where('q.studio = :studio AND r.ended IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.ended', 'DESC')
            ->addOrderBy('r.id', 'DESC')
            ->setMaxResults(self::MOST);
        if ('' !== $client) {
            $query->andWhere('q.client = :client')->setParameter('client', $client);
        }
        /** @var list<Run> $ended */
        $ended = $query->getQuery()->getResult();

        return $ended;
    }
}
