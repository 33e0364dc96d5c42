<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Preparation\LeaderRecords;

/** Leaders on which some quilts have hung, more of them at the left. */
final readonly class SeasonLeaders implements LeaderRecords
{
    public function __construct(private int $number) {}

    public function pastLoads(): array
    {
        $lot = new Lot($this->number);

        return array_map(
            static fn(): PastLoad => new PastLoad(
                Length::inches($lot->of([0, 0, -12, -12, 12])),
                Length::inches($lot->of([40, 64, 80])),
            ),
            range(1, $lot->between(1, 6)),
        );
    }

    public function hasCasing(End $end): bool
    {
        return End::Lead === $end || 0 === $this->number % 3;
    }

    public function loadsSinceCheck(): int
    {
        return [0, 19, 20, 35][intdiv($this->number, 3) % 4];
    }

    public function verdict(): ?LeaderVerdict
    {
        return null;
    }

    public function commonTilt(): ?CommonTilt
    {
        return null;
    }
}
