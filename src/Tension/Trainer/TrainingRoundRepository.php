<?php

declare(strict_types=1);

namespace App\Tension\Trainer;

use App\Account\Person;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Schwung\Core\Tension\Trainer\Level;

/** @extends ServiceEntityRepository<TrainingRound> */
final class TrainingRoundRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, TrainingRound::class);
    }

    /** @return list<TrainingRound> the last first */
    public function findOf(Person $person, Level $level): array
    {
        return $this->findBy(['person' => $person, 'level' => $level], ['at' => 'DESC', 'id' => 'DESC']);
    }

    public function findBed(Person $person, Level $level, int $seed): ?TrainingRound
    {
        return $this->findOneBy(['person' => $person, 'level' => $level, 'seed' => $seed]);
    }
}
