<?php

declare(strict_types=1);

namespace App\Public;

use App\Quilt\Quilt;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A link by which a client sees one quilt, until it is closed. */
#[ORM\Entity(repositoryClass: JobLinkRepository::class)]
class JobLink
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $closed = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
        #[ORM\Column] public readonly \DateTimeImmutable $made,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function close(\DateTimeImmutable $now): void
    {
        $this->closed ??= $now;
    }

    public function isClosed(): bool
    {
        return null !== $this->closed;
    }
}
