<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\AtTheFrame\Photo;
use App\Quilt\Quilt;
use App\Shelf\Thread\ShelfThread;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\Length;

/** What a quilt is stitched with, settled before the first stitch, and how it turned out. */
#[ORM\Entity(repositoryClass: RecipeRepository::class)]
class Recipe
{
    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?ShelfThread $top = null;

    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?ShelfThread $bobbin = null;

    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Photo $photo = null;

    /** @var array<string, mixed> as RecipeInput wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $facts = [];

    /** @var array<string, mixed> what it was stitched on, for whoever looks for one that is like theirs */
    #[ORM\Column(type: Types::JSON)]
    private array $sandwich = [];

    /** What was taken off the cones; 0 before it was. */
    #[ORM\Column(type: Types::BIGINT, options: ['default' => 0])]
    private int $usedMm = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $settled = null;

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Quilt $quilt,
    ) {}

    /** @param array<string, mixed> $sandwich kinds and loft of its cloths, as RecipeRule compares them */
    public function settle(RecipeInput $input, array $sandwich, \DateTimeImmutable $now): void
    {
        [$this->top, $this->bobbin] = [$input->top, $input->bobbin];
        $this->facts = $input->toArray();
        [$this->sandwich, $this->settled] = [$sandwich, $now];
    }

    public function tested(Photo $photo): void
    {
        $this->photo = $photo;
    }

    public function book(int $millimetres): void
    {
        $this->usedMm = $millimetres;
    }

    public function top(): ?ShelfThread
    {
        return $this->top;
    }

    public function bobbin(): ?ShelfThread
    {
        return $this->bobbin;
    }

    public function photo(): ?Photo
    {
        return $this->photo;
    }

    public function facts(): RecipeInput
    {
        $input = RecipeInput::fromArray($this->facts);
        [$input->top, $input->bobbin] = [$this->top, $this->bobbin];

        return $input;
    }

    /** @return array<string, mixed> */
    public function sandwich(): array
    {
        return $this->sandwich;
    }

    public function isSettled(): bool
    {
        return null !== $this->settled;
    }

    public function isBooked(): bool
    {
        return $this->usedMm > 0;
    }

    /** Of each of both threads. */
    public function used(): Length
    {
        return Length::millimetres($this->usedMm);
    }
}
