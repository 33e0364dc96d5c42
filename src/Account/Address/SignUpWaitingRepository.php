<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\LinkSecret;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<SignUpWaiting> */
final class SignUpWaitingRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SignUpWaiting::class);
    }

    public function findOpen(#[\SensitiveParameter] string $secret, \DateTimeImmutable $now): ?SignUpWaiting
    {
        $waiting = $this->findOneBy(['secretHash' => LinkSecret::hash($secret)]);

        return true === $waiting?->isOpenedBy($secret, $now) ? $waiting : null;
    }
}
