<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Quilt\Quilt;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\Length;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A part that was cut out of a roll or a piece, and for what; it can be taken back while its rest lies as it was. */
#[ORM\Entity]
#[ORM\Table(name: 'shelf_cut')]
#[ORM\UniqueConstraint(name: 'shelf_cut_entry', columns: ['batting_id', 'entry_key'])]
class ShelfCut
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $undone = null;

    /** @var Collection<int, ShelfBatting> */
    #[ORM\OneToMany(targetEntity: ShelfBatting::class, mappedBy: 'restOf')]
    private Collection $rests;

    #[ORM\Column(type: Types::BIGINT)]
    private int $overNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $offNm;

    /** Off a roll; null of a piece. */
    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $lengthNm;

    /**
     * @param Length $over of the part, along the width of what it was cut out of
     * @param Length $off  of the part, along the length
     * @param string $for  in words, for whom no quilt is known any more
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly ShelfBatting $batting,
        #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?Quilt $quilt,
        #[ORM\Column(name: 'for_what', length: 160)] public readonly string $for,
        Length $over,
        Length $off,
        #[ORM\Column(length: 120)] public readonly string $person,
        #[ORM\Column] private \DateTimeImmutable $made,
        #[ORM\Column(length: 40, options: ['collation' => 'utf8mb4_bin'])] public readonly string $entryKey,
    ) {
        $this->id = new Ulid();
        $this->rests = new ArrayCollection();
        [$this->overNm, $this->offNm] = [$over->nanometres, $off->nanometres];
        $this->lengthNm = $batting->isRoll() ? $off->nanometres : null;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function made(): \DateTimeImmutable
    {
        return $this->made;
    }

    public function over(): Length
    {
        return Length::ofNanometres($this->overNm);
    }

    public function off(): Length
    {
        return Length::ofNanometres($this->offNm);
    }

    public function length(): ?Length
    {
        return null === $this->lengthNm ? null : Length::ofNanometres($this->lengthNm);
    }

    /** @return list<ShelfBatting> what went back on the shelf */
    public function rests(): array
    {
        return array_values($this->rests->toArray());
    }

    public function undone(): ?\DateTimeImmutable
    {
        return $this->undone;
    }

    public function takeBack(\DateTimeImmutable $now): void
    {
        $this->undone = $now;
    }
}
