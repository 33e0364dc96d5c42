<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Quilt;
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

    #[ORM\Column]
    private int $bytes; // @phpstan-ignore property.onlyWritten (the repository sums it up)

    /** Whether it is still what was sent: that is shown to nobody. */
    #[ORM\Column]
    private bool $isRaw = true;

    /** @var mixed the same, small; null while it is raw */
    #[ORM\Column(type: Types::BLOB, length: 65_535, nullable: true)]
    private mixed $small = null;

    private function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
        #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')] public readonly ?Run $run,
        string $bytes,
    ) {
        $this->id = new Ulid();
        $this->keep($bytes);
    }

    /** Of a problem at the frame. */
    public static function sent(Run $run, string $bytes): self
    {
        return new self($run->quilt, $run, $bytes);
    }

    /** Of the quilt itself, as it came or as its client shows it. */
    public static function ofQuilt(Quilt $quilt, string $bytes): self
    {
        return new self($quilt, null, $bytes);
    }

    public function remake(string $jpeg, string $small): void
    {
        $this->keep($jpeg);
        $this->small = $small;
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
        return self::bytes($this->jpeg);
    }

    /** The small JPEG; of photos from before there were any, the whole one. */
    public function small(): string
    {
        $small = self::bytes($this->small);

        return '' === $small ? $this->jpeg() : $small;
    }

    private function keep(string $jpeg): void
    {
        [$this->jpeg, $this->bytes] = [$jpeg, \strlen($jpeg)];
    }

    private static function bytes(mixed $kept): string
    {
        return \is_resource($kept) ? (string) stream_get_contents($kept, offset: 0) : (\is_string($kept) ? $kept : '');
    }
}
