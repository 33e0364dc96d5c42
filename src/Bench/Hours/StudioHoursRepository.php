<?php

declare(strict_types=1);

namespace App\Bench\Hours;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<StudioHours> */
final class StudioHoursRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioHours::class);
    }

    /** The usual ones where a studio has set none. */
    public function of(Studio $studio): StudioHours
    {
        return $this->find($studio->id()) ?? new StudioHours($studio);
    }
}
