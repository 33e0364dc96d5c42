<?php

declare(strict_types=1);

namespace App\Audit;

use App\Account\Studio;
use Doctrine\ORM\Mapping as ORM;

/** One line of who did what; it is only ever added, and taken away after a year. */
#[ORM\Entity(repositoryClass: AuditRepository::class, readOnly: true)]
#[ORM\Index(name: 'audit_entry_at', columns: ['at'])]
class AuditEntry
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.onlyRead (Doctrine writes it)

    /**
     * @param string $who     the name that the person had then
     * @param string $detail  whom or what it concerned; may be empty
     * @param string $address where the request came from; may be empty
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[ORM\Column(length: 24, enumType: Happening::class)] public readonly Happening $what,
        #[ORM\Column(length: 120)] public readonly string $who,
        #[ORM\Column(length: 200)] public readonly string $detail,
        #[ORM\Column(length: 45)] public readonly string $address,
        #[ORM\Column] public readonly \DateTimeImmutable $at,
    ) {}

    public function id(): int
    {
        return $this->id;
    }
}
