<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\OpensByLink;
use App\Account\Person;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A link that was mailed to somebody who has an account; it works once, and only its hash is kept. */
#[ORM\Entity(repositoryClass: AccountLinkRepository::class)]
#[ORM\UniqueConstraint(name: 'account_link_secret', columns: ['secret_hash'])]
class AccountLink
{
    use OpensByLink;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    /** @param string $email the address that it was mailed to */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Person $person,
        #[ORM\Column(length: 10, enumType: LinkPurpose::class)] public readonly LinkPurpose $purpose,
        #[ORM\Column(length: 180, options: ['collation' => 'utf8mb4_bin'])] public readonly string $email,
        #[\SensitiveParameter] string $secret,
        \DateTimeImmutable $now,
    ) {
        $this->id = new Ulid();
        $this->openBy($secret, $purpose->until($now));
    }

    public function id(): Ulid
    {
        return $this->id;
    }
}
