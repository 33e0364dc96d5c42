<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** As much of a photo as has come so far, before its entry. */
#[ORM\Entity(repositoryClass: PhotoPieceRepository::class)]
#[ORM\UniqueConstraint(name: 'photo_piece_key', columns: ['run_id', 'entry_key'])]
class PhotoPiece
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.onlyRead (Doctrine writes it)

    #[ORM\Column(type: Types::TEXT, length: 16_777_215)]
    private string $textSoFar = '';

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Run $run,
        #[ORM\Column(length: 36, options: ['collation' => 'utf8mb4_bin'])] public readonly string $entryKey,
        #[ORM\Column] public readonly \DateTimeImmutable $since,
    ) {}

    public function id(): int
    {
        return $this->id;
    }

    public function text(): string
    {
        return $this->textSoFar;
    }

    public function add(string $piece): void
    {
        $this->textSoFar .= $piece;
    }
}
