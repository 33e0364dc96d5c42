<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<StudioTransfer> */
final class StudioTransferRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioTransfer::class);
    }

    public function findLast(Studio $studio): ?StudioTransfer
    {
        return $this->findOneBy(['studio' => $studio], ['id' => 'DESC']);
    }

    /** A ZIP that is ready to be fetched. */
    public function findReady(Studio $studio): ?StudioTransfer
    {
        return $this->findOneBy(
            ['studio' => $studio, 'isArriving' => false, 'state' => TransferState::Done],
            ['id' => 'DESC'],
        );
    }

    /** Past the records, since whoever reads or writes a whole studio lets go of them again and again. */
    public function tell(Ulid $id, TransferState $state, int $percent, string $fault = ''): void
    {
        $this->createQueryBuilder('t')
            ->update()
            ->set('t.state', ':state')
            ->set('t.percent', ':percent')
            ->set('t.fault', ':fault')
            ->where('t.id = :id')
            ->setParameter('state', $state->value)
            ->setParameter('percent', $percent)
            ->setParameter('fault', mb_substr($fault, 0, 300))
            ->setParameter('id', $id, 'ulid')
            ->getQuery()
            ->execute();
    }

    /** @return list<Ulid> of those that were asked for before */
    public function takeAway(\DateTimeImmutable $before): array
    {
        $old = [];
        foreach (
            $this->createQueryBuilder('t')
                ->where('t.asked < :before')
                ->setParameter('before', $before)
                ->getQuery()
                ->toIterable()
            as $transfer
        ) {
            \assert($transfer instanceof StudioTransfer);
            $old[] = $transfer->id();
            $this->getEntityManager()->remove($transfer);
        }
        $this->save();

        return $old;
    }
}
