<?php

declare(strict_types=1);

namespace App\Tension\Trainer;

use App\Account\Person;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Tension\Trainer\Level;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A bed of the trainer that a person has answered, with the points of the first answer. */
#[ORM\Entity(repositoryClass: TrainingRoundRepository::class)]
#[ORM\UniqueConstraint(name: 'training_round_bed', columns: ['person_id', 'level', 'seed'])]
class TrainingRound
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Person $person,
        #[ORM\Column(type: Types::SMALLINT, enumType: Level::class)] public readonly Level $level,
        #[ORM\Column] public readonly int $seed,
        #[ORM\Column(type: Types::SMALLINT)] public readonly int $points,
        #[ORM\Column] public readonly \DateTimeImmutable $at,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }
}
