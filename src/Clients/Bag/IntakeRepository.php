<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Platform\KeepsRecords;
use App\Quilt\Quilt;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Intake> */
final class IntakeRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Intake::class);
    }

    /** An empty one where nothing was written down. */
    public function of(Quilt $quilt): Intake
    {
        return $this->findOneBy(['quilt' => $quilt]) ?? new Intake($quilt);
    }
}
