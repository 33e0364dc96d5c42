<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Material\Pressing;
use Schwung\Core\Tension\SeamLie;

/** A backing's seam on the roll: how it lies, how it is pressed, and how many turns are wound by now. */
final readonly class WoundSeam
{
    public function __construct(
        public SeamLie $lie,
        public Pressing $pressed = Pressing::Open,
        public int $turns = 0,
    ) {}

    public function windsOnItself(): bool
    {
        return SeamLie::RollerToRoller === $this->lie && $this->turns > 0;
    }
}
