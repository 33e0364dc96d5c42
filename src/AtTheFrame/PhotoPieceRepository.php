<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<PhotoPiece> */
final class PhotoPieceRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PhotoPiece::class);
    }

    public function findOneOf(Run $run, string $entryKey): ?PhotoPiece
    {
        return $this->findOneBy(['run' => $run, 'entryKey' => $entryKey]);
    }

    /** @return int how many photos of a run are on their way */
    public function countOf(Run $run): int
    {
        return $this->count(['run' => $run]);
    }
}
