<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A link by which one person may join a studio as a helper; only a hash of its secret is kept. */
#[ORM\Entity(repositoryClass: InvitationRepository::class)]
#[ORM\UniqueConstraint(name: 'invitation_secret', columns: ['secret_hash'])]
class Invitation
{
    use OpensByLink;

    private const DAYS = 7;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(length: 180, options: ['collation' => 'utf8mb4_bin'])] public readonly string $email,
        #[\SensitiveParameter] string $secret,
        \DateTimeImmutable $now,
    ) {
        $this->id = new Ulid();
        $this->openBy($secret, $now->modify('+' . self::DAYS . ' days'));
    }

    public function id(): Ulid
    {
        return $this->id;
    }
}
