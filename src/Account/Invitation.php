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
    private const DAYS = 7;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 64)]
    private string $secretHash;

    #[ORM\Column]
    private \DateTimeImmutable $expires;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(length: 180, options: ['collation' => 'utf8mb4_bin'])] public readonly string $email,
        #[\SensitiveParameter] string $secret,
        \DateTimeImmutable $now,
    ) {
        $this->id = new Ulid();
        $this->secretHash = self::hash($secret);
        $this->expires = $now->modify('+' . self::DAYS . ' days');
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }

    public function isFor(#[\SensitiveParameter] string $secret): bool
    {
        return hash_equals($this->secretHash, self::hash($secret));
    }

    public function isOpenAt(\DateTimeImmutable $now): bool
    {
        return $now < $this->expires;
    }
}
