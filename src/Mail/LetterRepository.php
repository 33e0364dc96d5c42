<?php

declare(strict_types=1);

namespace App\Mail;

use App\Account\Studio;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

/** @extends ServiceEntityRepository<Letter> */
final class LetterRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 200;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Letter::class);
    }

    /** @return list<Letter> newest first */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['id' => 'DESC'], self::MOST);
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Letter
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }
}
