<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Studio;
use App\AtTheFrame\Run;
use App\Bench\Times\RunTimes;
use App\Platform\Sought;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Ulid;

/** What the room of clients asks of the runs of all rooms. */
final readonly class HistoryRepository
{
    private const MOST = 200;

    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<PastLoad> the last first */
    public function findEnded(Studio $studio, HistoryFilter $filter): array
    {
        $query = $this->entities
            ->createQueryBuilder()
            ->select('r', 'q', 't')
            ->from(Run::class, 'r')
            ->innerJoin('r.quilt', 'q')
            ->leftJoin(RunTimes::class, 't', 'WITH', 't.run = r')
            ->where('q.studio = :studio AND r.ended IS NOT NULL')
            ->setParameter('studio', $studio->id(), 'ulid')
            ->orderBy('r.ended', 'DESC')
            ->addOrderBy('r.id', 'DESC')
            ->setMaxResults(self::MOST);
        if ('' !== $filter->client) {
            $query->andWhere('q.client = :client')->setParameter('client', $filter->client);
        }
        if ('' !== $filter->frame) {
            $query->andWhere('q.frame = :frame')->setParameter('frame', new Ulid($filter->frame), 'ulid');
        }
        if ('' !== $filter->search) {
            $query
                ->andWhere("q.titleSought LIKE :search ESCAPE '!' OR q.clientSought LIKE :search ESCAPE '!'")
                ->setParameter('search', Sought::anywhere($filter->search));
        }
        /** @var list<Run|RunTimes|null> $found each run, and its times after it */
        $found = $query->getQuery()->getResult();
        $times = [];
        foreach ($found as $one) {
            if ($one instanceof RunTimes) {
                $times[(string) $one->run->id()] = $one;
            }
        }
        $loads = [];
        foreach ($found as $one) {
            if ($one instanceof Run) {
                $loads[] = new PastLoad($one, $times[(string) $one->id()] ?? null);
            }
        }

        return array_values(array_filter($loads, static fn(PastLoad $load): bool => $load->isSo($filter->how)));
    }
}
