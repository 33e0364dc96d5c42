<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use App\Mail\Letter;
use App\Quilt\Quilt;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** What was told the client of a quilt, kept with it as it was sent. */
#[ORM\Entity(repositoryClass: ClientMessageRepository::class)]
class ClientMessage
{
    #[ORM\Column(length: 10, enumType: MessageState::class)]
    private MessageState $state = MessageState::UnderWay;

    /** Why it could not be sent, or came back; empty where neither is so. */
    #[ORM\Column(length: 300)]
    private string $trouble = '';

    /** As it lies in the outbox, where no mail server took it. */
    #[ORM\OneToOne, ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Letter $letter = null;

    /** @param Ulid $id made when its form was shown, so that a second click sends nothing twice */
    public function __construct(
        #[ORM\Id, ORM\Column(type: UlidType::NAME)] private Ulid $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
        #[ORM\Column(length: 8, enumType: MessageKind::class)] public readonly MessageKind $kind,
        #[ORM\Column(length: 180)] public readonly string $recipient,
        #[ORM\Column(length: 200)] public readonly string $subject,
        #[ORM\Column(type: Types::TEXT)] public readonly string $text,
        #[ORM\Column(length: 120)] public readonly string $writtenBy,
        #[ORM\Column] public readonly \DateTimeImmutable $written,
    ) {}

    public function id(): Ulid
    {
        return $this->id;
    }

    public function state(): MessageState
    {
        return $this->state;
    }

    public function trouble(): string
    {
        return $this->trouble;
    }

    public function sent(): void
    {
        $this->state = MessageState::Sent;
        $this->trouble = '';
    }

    public function layInto(Letter $letter): void
    {
        $this->letter = $letter;
        $this->state = MessageState::Outbox;
    }

    public function letter(): ?Letter
    {
        return $this->letter;
    }

    public function fail(string $why): void
    {
        $this->state = MessageState::Failed;
        $this->trouble = mb_substr(mb_scrub($why, 'UTF-8'), 0, 300);
    }

    public function comeBack(string $why): void
    {
        $this->state = MessageState::CameBack;
        $this->trouble = mb_substr($why, 0, 300);
    }
}
