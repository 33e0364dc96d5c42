<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** Somebody whose quilts are quilted here. A name is theirs alone within a studio. */
#[ORM\Entity(repositoryClass: ClientRepository::class)]
#[ORM\UniqueConstraint(name: 'client_name', columns: ['studio_id', 'name'])]
class Client
{
    /** What their quilts say once a client was erased. */
    public const REMOVED = 'client removed';

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 180)]
    private string $email = '';

    #[ORM\Column(length: 60)]
    private string $phone = '';

    #[ORM\Column(length: 300)]
    private string $address = '';

    /** In which they think; null where nobody asked, so that the studio's are taken. */
    #[ORM\Column(length: 2, nullable: true, enumType: UnitSystem::class)]
    private ?UnitSystem $units = null;

    /** @var array<string, string|int> */
    #[ORM\Column(type: Types::JSON)]
    private array $wishes = [];

    #[ORM\Column(type: Types::TEXT)]
    private string $note = '';

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        #[ORM\Column(length: 120, options: ['collation' => 'utf8mb4_unicode_520_ci'])] private string $name,
        #[ORM\Column] public readonly \DateTimeImmutable $since,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function email(): string
    {
        return $this->email;
    }

    public function phone(): string
    {
        return $this->phone;
    }

    public function address(): string
    {
        return $this->address;
    }

    public function note(): string
    {
        return $this->note;
    }

    public function ownUnits(): ?UnitSystem
    {
        return $this->units;
    }

    public function units(): UnitSystem
    {
        return $this->units ?? $this->studio->units();
    }

    public function wishes(): Wishes
    {
        return Wishes::fromArray($this->wishes);
    }

    public function describe(ClientInput $input): void
    {
        $this->name = trim($input->name);
        $this->email = trim($input->email);
        $this->phone = trim($input->phone);
        $this->address = trim($input->address);
        $this->units = $input->units;
        $this->note = trim($input->note);
        $this->wishes = $input->wishes->toArray();
    }

    /** Takes over from another record of the same person what this one does not say. */
    public function takeOver(self $other): void
    {
        foreach (['email', 'phone', 'address'] as $member) {
            $this->{$member} = '' === $this->{$member} ? $other->{$member} : $this->{$member};
        }
        $this->units ??= $other->units;
        $this->wishes += $other->wishes;
        $this->note = trim($this->note . "\n" . $other->note);
    }
}
