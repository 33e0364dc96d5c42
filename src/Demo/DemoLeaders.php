<?php

declare(strict_types=1);

namespace App\Demo;

use App\Frames\StudioFrame;
use App\Leaders\LeaderInspection;
use App\Leaders\LeaderLoad;
use App\Leaders\Roller;
use App\Leaders\StudioLeader;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\Length;

/** A year of quilts on the demo's leaders: one worn in its middle, three on a rail that is out of true, one crooked. */
final readonly class DemoLeaders
{
    private const TITLES = [
        'Seven bells',
        'Cold frames',
        'Paper boats',
        'Low meadow',
        'Night ferry',
        'Brass band',
        'Orchard wall',
        'Grey geese',
        'Tin roofs',
        'Slow river',
    ];

    /** Widths in inches, used again and again. */
    private const EDGES = [72, 66, 84, 60, 78, 90, 70, 64, 76, 82];

    public function __construct(private EntityManagerInterface $entities) {}

    public function fill(StudioFrame $north, StudioFrame $attic, \DateTimeImmutable $now): void
    {
        $lead = $this->leader($north, Roller::TakeUp, 30, $now);
        $this->inspect($lead, $now->modify('-120 days'), [
            -50 => 1.75,
            -25 => 1.875,
            0 => 2.125,
            25 => 2,
            50 => 1.8125,
        ]);
        $tail = $this->leader($north, Roller::Backing, 30, $now);
        $top = $this->leader($north, Roller::Top, 12, $now);
        // A fortnight ago all three were found to run out, and alike: the rail is out of true.
        $fortnight = $now->modify('-14 days');
        $this->inspect($lead, $fortnight, [-50 => 1.75, -25 => 1.9375, 0 => 2.25, 25 => 2.125, 50 => 2.125]);
        $this->inspect($tail, $fortnight, [-50 => 2.25, -25 => 2.125, 0 => 2.0625, 25 => 1.9375, 50 => 1.875]);
        $this->inspect($top, $fortnight, [-50 => 2.1875, -25 => 2.125, 0 => 2, 25 => 1.875, 50 => 1.8125]);
        $crooked = $this->leader($attic, Roller::Backing, 9, $now);
        $this->inspect($crooked, $now->modify('-20 days'), [
            -55 => 2,
            -30 => 2.0625,
            0 => 2.125,
            30 => 2.1875,
            55 => 2.25,
        ]);
    }

    private function leader(StudioFrame $frame, Roller $roller, int $loads, \DateTimeImmutable $now): StudioLeader
    {
        $leader = new StudioLeader($frame, $roller);
        for ($i = 0; $i < $loads; ++$i) {
            // Nearly always centred; now and then to the left.
            $at = 5 === $i % 7 ? -12 : 0;
            $leader->hang(
                new LeaderLoad(
                    $leader,
                    $now->modify('-' . 12 * ($loads - $i) . ' days'),
                    self::TITLES[$i % 10],
                    new PastLoad(Length::inches($at), Length::inches(self::EDGES[($i * 3) % 10])),
                ),
            );
        }
        $this->entities->persist($leader);

        return $leader;
    }

    /** @param array<int, float> $readings distances in inches by their place in inches, from left to right */
    private function inspect(StudioLeader $leader, \DateTimeImmutable $at, array $readings): void
    {
        $leader->inspect(
            new LeaderInspection(
                $leader,
                $at,
                array_map(
                    static fn(int $place, float $distance): Reading => new Reading(
                        Length::inches($place),
                        Length::inches($distance),
                    ),
                    array_keys($readings),
                    $readings,
                ),
            ),
        );
    }
}
