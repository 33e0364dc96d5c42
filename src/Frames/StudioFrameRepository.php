<?php

declare(strict_types=1);

namespace App\Frames;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<StudioFrame> */
final class StudioFrameRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 50;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioFrame::class);
    }

    /** @return list<StudioFrame> in the order in which they were added */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['id' => 'ASC'], self::MOST);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?StudioFrame
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }
}
