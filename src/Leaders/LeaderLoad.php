<?php

declare(strict_types=1);

namespace App\Leaders;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Measure\Length;

/** A quilt that hung from a leader: when, where and how wide; lengths in whole nanometres. */
#[ORM\Entity]
class LeaderLoad
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.unused (Doctrine writes it)

    #[ORM\Column(type: Types::BIGINT)]
    private int $positionNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $edgeNm;

    public function __construct(
        #[
            ORM\ManyToOne(inversedBy: 'loads'),
            ORM\JoinColumn(nullable: false, onDelete: 'CASCADE'),
        ]
        public readonly StudioLeader $leader,
        #[ORM\Column] public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 120)] public readonly string $title,
        PastLoad $load,
    ) {
        $this->positionNm = $load->position->nanometres;
        $this->edgeNm = $load->edge->nanometres;
    }

    public function measures(): PastLoad
    {
        return new PastLoad(Length::ofNanometres($this->positionNm), Length::ofNanometres($this->edgeNm));
    }
}
