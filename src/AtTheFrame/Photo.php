<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A photo of a problem, made anew from what was sent, so that nothing but the picture is in it. */
#[ORM\Entity(repositoryClass: PhotoRepository::class)]
class Photo
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;
    /** @var mixed a string when it is made, a stream when it is read */
    #[ORM\Column(type: Types::BLOB, length: 16_777_215)]
    private mixed $jpeg;

    /** Whether it is still what was sent: that is shown to nobody. */
    #[ORM\Column]
    private bool $isRaw = true;

    private function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Run $run,
        string $bytes,
    ) {
        $this->id = new Ulid();
        $this->jpeg = $bytes;
    }

    public static function sent(Run $run, string $bytes): self
    {
        return new self($run, $bytes);
    }

    public function remake(string $jpeg): void
    {
        $this->jpeg = $jpeg;
        $this->isRaw = false;
    }

    public function isRaw(): bool
    {
        return $this->isRaw;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** The JPEG; while it is raw, what was sent. */
    public function jpeg(): string
    {
        return \is_resource($this->jpeg)
            ? (string) stream_get_contents($this->jpeg, offset: 0)
            : (\is_string($this->jpeg)
                ? $this->jpeg
                : '');
    }
}
