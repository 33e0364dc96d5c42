<?php

declare(strict_types=1);

namespace App\Tension;

use App\Frames\StudioFrame;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Tension\Task;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** Something to be done about what keeps coming back on a frame; it stays until somebody has done it. */
#[ORM\Entity(repositoryClass: StudioTaskRepository::class)]
class StudioTask
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $done = null;

    /** @param string $why the pattern as it was when the task was made */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly StudioFrame $frame,
        #[ORM\Column(length: 20, enumType: Task::class)] public readonly Task $task,
        #[ORM\Column(length: 200)] public readonly string $why,
        #[ORM\Column] public readonly \DateTimeImmutable $made,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function finish(\DateTimeImmutable $now): void
    {
        $this->done ??= $now;
    }

    public function isDone(): bool
    {
        return null !== $this->done;
    }
}
