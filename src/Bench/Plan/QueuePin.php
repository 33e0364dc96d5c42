<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use Doctrine\ORM\Mapping as ORM;

/** Where and when somebody wants a waiting quilt to stand in the queue, and what the queue cannot know of it. */
#[ORM\Entity(repositoryClass: QueuePinRepository::class)]
class QueuePin
{
    public const WEIGHTS = [1 => 'as every other', 2 => 'more than others', 4 => 'most of all'];

    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')]
    private ?StudioFrame $frame = null;

    /** On its frame, the first is 1; null where only the frame or a day is wanted. */
    #[ORM\Column(nullable: true)]
    private ?int $place = null;

    /** The studio's wall clock. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $notBefore = null;

    #[ORM\Column(options: ['default' => 1])]
    private int $weight = 1;

    /** The colour that it is stitched with, as the studio calls it. */
    #[ORM\Column(length: 60, options: ['default' => ''])]
    private string $thread = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $pinned = null;

    #[ORM\Column(length: 120, options: ['default' => ''])]
    private string $person = '';

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
    ) {}

    public function put(?StudioFrame $frame, ?int $place, string $person, \DateTimeImmutable $now): void
    {
        [$this->frame, $this->place, $this->person, $this->pinned] = [$frame, $place, $person, $now];
    }

    public function ask(?\DateTimeImmutable $notBefore, int $weight, string $thread): void
    {
        [$this->notBefore, $this->weight, $this->thread] = [$notBefore, $weight, $thread];
    }

    public function letGo(): void
    {
        [$this->frame, $this->place, $this->pinned] = [null, null, null];
    }

    /** One place nearer or farther, where another was put in or taken out before it. */
    public function moveTo(int $place): void
    {
        $this->place = $place;
    }

    public function frame(): ?StudioFrame
    {
        return $this->frame;
    }

    public function place(): ?int
    {
        return $this->place;
    }

    public function notBefore(): ?\DateTimeImmutable
    {
        return $this->notBefore;
    }

    public function weight(): int
    {
        return $this->weight;
    }

    public function thread(): string
    {
        return $this->thread;
    }

    public function pinned(): ?\DateTimeImmutable
    {
        return $this->pinned;
    }

    public function person(): string
    {
        return $this->person;
    }
}
