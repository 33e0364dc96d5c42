<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Invitation> */
final class InvitationRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 200;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Invitation::class);
    }

    public function findOpen(#[\SensitiveParameter] string $secret, \DateTimeImmutable $now): ?Invitation
    {
        $invitation = $this->findOneBy(['secretHash' => Invitation::hash($secret)]);

        return null !== $invitation && $invitation->isFor($secret) && $invitation->isOpenAt($now) ? $invitation : null;
    }

    /** @return list<Invitation> */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['id' => 'ASC'], self::MOST);
    }
}
