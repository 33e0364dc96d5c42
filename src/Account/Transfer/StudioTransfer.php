<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use App\Account\Person;
use App\Account\Studio;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A whole studio on its way out into a ZIP, or in from one, while nobody waits. */
#[ORM\Entity(repositoryClass: StudioTransferRepository::class)]
class StudioTransfer
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 10, enumType: TransferState::class)]
    private TransferState $state = TransferState::Waiting;

    #[ORM\Column]
    private int $percent = 0;

    /** Why it failed; empty where it did not. */
    #[ORM\Column(length: 300)]
    private string $fault = '';

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Person $owner,
        #[ORM\Column] public readonly bool $isArriving,
        #[ORM\Column] public readonly \DateTimeImmutable $asked,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function state(): TransferState
    {
        return $this->state;
    }

    public function percent(): int
    {
        return $this->percent;
    }

    public function fault(): string
    {
        return $this->fault;
    }
}
