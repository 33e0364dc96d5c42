<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Quilt\Quilt;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What came in the bag with a quilt, whose it is, and what is wished for this one. */
#[ORM\Entity(repositoryClass: IntakeRepository::class)]
class Intake
{
    /** @var array<string, string|bool|list<string>> as IntakeInput writes it */
    #[ORM\Column(type: Types::JSON)]
    private array $facts = [];

    /** When both looked at the hand-over list and it went home; null while it is here. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $homeSince = null;

    #[ORM\Column(length: 120)]
    private string $handedBy = '';

    /** @var list<string> what of the list was ticked when it went home, by key */
    #[ORM\Column(type: Types::JSON)]
    private array $ticked = [];

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
    ) {}

    public function facts(): IntakeInput
    {
        return IntakeInput::fromArray($this->facts);
    }

    public function write(IntakeInput $input): void
    {
        $this->facts = $input->toArray();
    }

    /** @param list<string> $ticked */
    public function tick(array $ticked): void
    {
        $this->ticked = $ticked;
    }

    /** @return list<string> */
    public function ticked(): array
    {
        return $this->ticked;
    }

    public function handOver(string $by, \DateTimeImmutable $now): void
    {
        $this->homeSince ??= $now;
        $this->handedBy = $by;
    }

    public function takeBack(): void
    {
        $this->homeSince = null;
        $this->handedBy = '';
    }

    public function homeSince(): ?\DateTimeImmutable
    {
        return $this->homeSince;
    }

    public function handedBy(): string
    {
        return $this->handedBy;
    }
}
