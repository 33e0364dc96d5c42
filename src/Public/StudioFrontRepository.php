<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<StudioFront> */
final class StudioFrontRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioFront::class);
    }

    /** A closed one where nobody has set anything. */
    public function of(Studio $studio): StudioFront
    {
        return $this->findOneBy(['studio' => $studio]) ?? new StudioFront($studio);
    }

    /** Of a studio that is open and lets its calculator be used. */
    public function findCalculating(string $word): ?StudioFront
    {
        $front = $this->findOneBy(['word' => mb_strtolower($word)]);

        return null !== $front && $front->calculates() && null === $front->studio->erasedOn() ? $front : null;
    }

    public function isTaken(string $word, Studio $by): bool
    {
        $front = $this->findOneBy(['word' => mb_strtolower(trim($word))]);

        return null !== $front && $front->studio !== $by;
    }
}
