<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Platform\Kept\ShownOnNoKeptPage;
use App\Quilt\Quilt;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What the queue asks of a waiting quilt, worked out once for as long as nothing that it rests on changes. */
#[ORM\Entity(repositoryClass: QuiltFactsRepository::class)]
#[ShownOnNoKeptPage]
class QuiltFacts
{
    /** @var array<string, mixed> as Facts wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $facts = [];

    /** What it was worked out from. */
    #[ORM\Column(length: 64, options: ['fixed' => true])]
    private string $stamp = '';

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
    ) {}

    public function take(Facts $facts, string $stamp): void
    {
        [$this->facts, $this->stamp] = [$facts->toArray(), $stamp];
    }

    public function facts(): Facts
    {
        return Facts::fromArray($this->facts);
    }

    public function isOf(string $stamp): bool
    {
        return $stamp === $this->stamp;
    }
}
