<?php

declare(strict_types=1);

namespace App\Quilt;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One state of a quilt's sheet; the chain of them is what undo and redo walk along. */
#[ORM\Entity(repositoryClass: RevisionRepository::class)]
#[ORM\UniqueConstraint(name: 'revision_place', columns: ['quilt_id', 'place'])]
class Revision
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.onlyRead (Doctrine writes it)

    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON)]
    private array $sheet;

    /** @param int $place its number in the quilt's chain, growing */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
        #[ORM\Column] public readonly int $place,
        Sheet $sheet,
    ) {
        $this->sheet = $sheet->toArray();
    }

    public function id(): int
    {
        return $this->id;
    }

    public function sheet(): Sheet
    {
        return Sheet::fromArray($this->sheet);
    }
}
