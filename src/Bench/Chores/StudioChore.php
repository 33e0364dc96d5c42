<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Account\Studio;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** Something to do that somebody typed, or that the queue asked for and somebody has ticked. */
#[ORM\Entity(repositoryClass: StudioChoreRepository::class)]
#[ORM\UniqueConstraint(name: 'studio_chore_key', columns: ['studio_id', 'chore_key'])]
class StudioChore
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $done = null;
    #[ORM\Column(length: 120, options: ['default' => ''])]
    private string $person = '';

    /**
     * @param string                  $key  of what the queue asked for, or made when the form was shown
     * @param string                  $text empty for what the queue asked for
     * @param \DateTimeImmutable|null $by   the studio's wall clock
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[
            ORM\Column(name: 'chore_key', length: 120, options: ['collation' => 'utf8mb4_bin']),
        ]
        public readonly string $key,
        #[ORM\Column(length: 200)] public readonly string $text,
        #[ORM\Column(name: 'by_when', nullable: true)] public readonly ?\DateTimeImmutable $by,
        #[ORM\Column] public readonly \DateTimeImmutable $made,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function finish(string $person, \DateTimeImmutable $now): void
    {
        if (null === $this->done) {
            [$this->done, $this->person] = [$now, $person];
        }
    }

    public function takeUpAgain(): void
    {
        [$this->done, $this->person] = [null, ''];
    }

    public function done(): ?\DateTimeImmutable
    {
        return $this->done;
    }

    public function person(): string
    {
        return $this->person;
    }
}
