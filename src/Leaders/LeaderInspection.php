<?php

declare(strict_types=1);

namespace App\Leaders;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\Length;

/** The readings of one leader check. */
#[ORM\Entity]
class LeaderInspection
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.unused (Doctrine writes it)

    /** @var list<array{int, int}> station and distance in nanometres, from left to right */
    #[ORM\Column(type: Types::JSON)]
    private array $readings;

    /** @param list<Reading> $readings from left to right, at least three */
    public function __construct(
        #[
            ORM\ManyToOne(inversedBy: 'inspections'),
            ORM\JoinColumn(nullable: false, onDelete: 'CASCADE'),
        ]
        public readonly StudioLeader $leader,
        #[ORM\Column] public readonly \DateTimeImmutable $at,
        array $readings,
    ) {
        $this->readings = array_map(
            static fn(Reading $reading): array => [$reading->at->nanometres, $reading->distance->nanometres],
            $readings,
        );
    }

    public function check(Length $bedSpan): LeaderCheck
    {
        return (new LeaderCheckRule())->check(
            array_map(
                static fn(array $pair): Reading => new Reading(
                    Length::ofNanometres($pair[0]),
                    Length::ofNanometres($pair[1]),
                ),
                $this->readings,
            ),
            $bedSpan,
        );
    }
}
