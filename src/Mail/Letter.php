<?php

declare(strict_types=1);

namespace App\Mail;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Mime\Email;
use Symfony\Component\Uid\Ulid;

/** A letter that no mail server took: it lies in the studio's outbox until somebody has passed it on. */
#[ORM\Entity(repositoryClass: LetterRepository::class)]
#[ORM\Index(name: 'letter_studio', columns: ['studio_id', 'id'])]
class Letter
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $passedOn = null;

    /** @param ?\DateTimeImmutable $until until when the link in it opens anything; it is taken away after that */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[ORM\Column(length: 180)] public readonly string $recipient,
        #[ORM\Column(length: 200)] public readonly string $subject,
        #[ORM\Column(type: Types::TEXT)] public readonly string $text,
        #[ORM\Column] public readonly \DateTimeImmutable $written,
        #[ORM\Column(nullable: true)] public readonly ?\DateTimeImmutable $until,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function passedOn(): ?\DateTimeImmutable
    {
        return $this->passedOn;
    }

    public function passOn(\DateTimeImmutable $now): void
    {
        $this->passedOn ??= $now;
    }

    /** As a mail program reads it. */
    public function toMessage(string $from): string
    {
        return (new Email())
            ->from($from)
            ->to($this->recipient)
            ->date($this->written)
            ->subject($this->subject)
            ->text($this->text)
            ->toString();
    }
}
