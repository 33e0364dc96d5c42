<?php

declare(strict_types=1);

namespace App\Account\Devices;

use App\Account\Person;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A device on which a person is signed in: its session, and where it is remembered the row that remembers it. */
#[ORM\Entity(repositoryClass: SignedInRepository::class)]
#[ORM\UniqueConstraint(name: 'signed_in_session', columns: ['session_id'])]
#[ORM\Index(name: 'signed_in_series', columns: ['series'])]
class SignedIn
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    /** @param ?string $series of the row in rememberme_token */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Person $person,
        #[ORM\Column(length: 128, options: ['collation' => 'utf8mb4_bin'])] private string $sessionId,
        #[ORM\Column(length: 88, nullable: true, options: ['collation' => 'utf8mb4_bin'])] private ?string $series,
        #[ORM\Column(length: 8, enumType: DeviceKind::class)] private DeviceKind $kind,
        #[ORM\Column(length: 45)] private string $address,
        #[ORM\Column] public readonly \DateTimeImmutable $since,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** The device was remembered and has a new session. */
    public function comeBack(string $sessionId, DeviceKind $kind, string $address): void
    {
        $this->sessionId = $sessionId;
        $this->kind = $kind;
        $this->address = $address;
    }

    public function sessionId(): string
    {
        return $this->sessionId;
    }

    public function series(): ?string
    {
        return $this->series;
    }

    public function kind(): DeviceKind
    {
        return $this->kind;
    }

    public function address(): string
    {
        return $this->address;
    }
}
