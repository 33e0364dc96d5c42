<?php

declare(strict_types=1);

namespace App\Account;

use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Ulid;

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
        $invitation = $this->findOneBy(['secretHash' => LinkSecret::hash($secret)]);

        return true === $invitation?->isOpenedBy($secret, $now) ? $invitation : null;
    }

    public function findOneOf(Studio $studio, Ulid $id): ?Invitation
    {
        return $this->findOneBy(['studio' => $studio, 'id' => $id]);
    }

    /** @return list<Invitation> */
    public function findOf(Studio $studio): array
    {
        return $this->findBy(['studio' => $studio], ['id' => 'ASC'], self::MOST);
    }
}
