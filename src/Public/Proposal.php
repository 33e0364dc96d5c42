<?php

declare(strict_types=1);

namespace App\Public;

use App\AtTheFrame\Photo;
use App\Quilt\Quilt;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/**
 * What a client sent by the link to their quilt: measures, a message, a photo. It changes nothing before it is
 * accepted.
 */
#[ORM\Entity(repositoryClass: ProposalRepository::class)]
#[ORM\Index(name: 'proposal_open', columns: ['quilt_id', 'decided'])]
class Proposal
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $decided = null; // @phpstan-ignore property.unusedType (the repository decides it, in one step)

    #[ORM\Column(length: 120)]
    private string $decidedBy = '';

    #[ORM\Column]
    private bool $accepted = false;

    /**
     * @param Ulid                  $id       made when its form was shown, so that a second click sends nothing twice
     * @param array<string, string> $measures as they were written, by path of the sheet
     */
    public function __construct(
        #[ORM\Id, ORM\Column(type: UlidType::NAME)] private Ulid $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
        #[ORM\Column(type: Types::JSON)] public readonly array $measures,
        #[ORM\Column(type: Types::TEXT)] public readonly string $text,
        #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?Photo $photo,
        #[ORM\Column] public readonly \DateTimeImmutable $came,
    ) {}

    public function id(): Ulid
    {
        return $this->id;
    }

    public function isOpen(): bool
    {
        return null === $this->decided;
    }

    /** "accepted by Maren"; empty while it is open. */
    public function outcome(): string
    {
        return null === $this->decided ? '' : ($this->accepted ? 'accepted' : 'refused') . " by $this->decidedBy";
    }
}
