<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Tension\Look;

/** What one can do at the bed of the trainer to find out what is wrong. */
enum Probe: string
{
    case Well = 'well';
    case Roll = 'roll';
    case Sides = 'sides';
    case Edge = 'edge';
    case Press = 'press';
    case Release = 'release';
    case Measure = 'measure';
    case Line = 'line';

    public function words(): string
    {
        return match ($this) {
            self::Well => 'Look into the bed',
            self::Roll => 'Look at roll and ratchets',
            self::Sides => 'Look along the sides',
            self::Edge => 'Look along the edge',
            self::Press => 'Press the bed',
            self::Release => 'Let a side clamp off',
            self::Measure => 'Measure the cloth',
            self::Line => 'Stitch a line across the leader',
        };
    }

    /** What it costs at a frame. */
    public function minutes(): int
    {
        return match ($this) {
            self::Well, self::Roll, self::Sides, self::Edge => 1,
            self::Press, self::Release => 2,
            self::Measure => 6,
            self::Line => 15,
        };
    }

    /** @return list<Look> where it lets one see */
    public function looks(): array
    {
        return match ($this) {
            self::Well => [Look::Well, Look::Stitching],
            self::Roll => [Look::Roll],
            self::Sides => [Look::Sides],
            self::Edge => [Look::Edge],
            default => [],
        };
    }
}
