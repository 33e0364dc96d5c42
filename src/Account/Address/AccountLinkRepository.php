<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\LinkSecret;
use App\Account\Person;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<AccountLink> */
final class AccountLinkRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, AccountLink::class);
    }

    public function findOpen(
        #[\SensitiveParameter] string $secret,
        LinkPurpose $purpose,
        \DateTimeImmutable $now,
    ): ?AccountLink {
        $link = $this->findOneBy(['secretHash' => LinkSecret::hash($secret), 'purpose' => $purpose]);

        return true === $link?->isOpenedBy($secret, $now) ? $link : null;
    }

    /** Takes away what was mailed before for the same purpose: only the newest link opens. */
    public function dropOf(Person $person, LinkPurpose $purpose): void
    {
        foreach ($this->findBy(['person' => $person, 'purpose' => $purpose]) as $link) {
            $this->getEntityManager()->remove($link);
        }
    }

    /** Takes away everything that was mailed to a person: none of it opens any more. */
    public function dropAllOf(Person $person): void
    {
        foreach (LinkPurpose::cases() as $purpose) {
            $this->dropOf($person, $purpose);
        }
    }
}
