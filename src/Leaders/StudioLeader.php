<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Frames\StudioFrame;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Leader\PastLoad;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A leader on one roller of a frame, with what has hung from it and how straight it was found. */
#[ORM\Entity(repositoryClass: StudioLeaderRepository::class)]
#[ORM\UniqueConstraint(name: 'leader_roller', columns: ['frame_id', 'roller'])]
class StudioLeader
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column]
    private bool $casing = false;

    /** @var Collection<int, LeaderLoad> oldest first */
    #[ORM\OneToMany(targetEntity: LeaderLoad::class, mappedBy: 'leader', cascade: ['persist'])]
    #[ORM\OrderBy(['at' => 'ASC', 'id' => 'ASC'])]
    private Collection $loads;

    /** @var Collection<int, LeaderInspection> latest first */
    #[ORM\OneToMany(targetEntity: LeaderInspection::class, mappedBy: 'leader', cascade: ['persist'])]
    #[ORM\OrderBy(['at' => 'DESC', 'id' => 'DESC'])]
    private Collection $inspections;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly StudioFrame $frame,
        #[ORM\Column(length: 12, enumType: Roller::class)] public readonly Roller $roller,
    ) {
        $this->id = new Ulid();
        $this->loads = new ArrayCollection();
        $this->inspections = new ArrayCollection();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function hasCasing(): bool
    {
        return $this->casing;
    }

    public function sewCasing(bool $casing): void
    {
        $this->casing = $casing;
    }

    public function hang(LeaderLoad $load): void
    {
        $this->loads->add($load);
    }

    public function inspect(LeaderInspection $inspection): void
    {
        $this->inspections->add($inspection);
    }

    /** @return list<LeaderLoad> oldest first */
    public function loads(): array
    {
        return array_values($this->loads->toArray());
    }

    /** @return list<PastLoad> oldest first */
    public function pastLoads(): array
    {
        return array_map(static fn(LeaderLoad $load): PastLoad => $load->measures(), $this->loads());
    }

    public function lastInspection(): ?LeaderInspection
    {
        $last = null;
        foreach ($this->inspections as $inspection) {
            $last = null === $last || $inspection->at > $last->at ? $inspection : $last;
        }

        return $last;
    }

    /** Loads since the last inspection, or since ever. */
    public function loadsSinceInspection(): int
    {
        $last = $this->lastInspection();

        return \count(
            array_filter($this->loads(), static fn(LeaderLoad $load): bool => null === $last || $load->at > $last->at),
        );
    }
}
