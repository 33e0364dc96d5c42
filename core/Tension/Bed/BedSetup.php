<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;
use Schwung\Core\Tension\SeamLie;

/** Everything that decides how the layers of one bed lie. */
final readonly class BedSetup
{
    /**
     * @param Length $lag        how much longer the cloth itself is at one end, by its cut or by its roller; positive
     *   at the right, negative at the left
     * @param Length $pinSpacing of the backing's attachment
     * @param Length $middle     how much longer the cloth lies in the middle than at its sides, whatever the leader does
     * @param Length $sides      how much longer it lies at both sides than in the middle
     */
    public function __construct(
        public FirmnessReading $firmness,
        public LeaderShape $leader,
        public Length $lag,
        public WoundSeam $seam,
        public SideClamps $clamps,
        public Length $pinSpacing,
        public Stretch $stretch,
        public Length $middle,
        public Length $sides,
    ) {}

    /** A bed with nothing wrong. */
    public static function flat(): self
    {
        return new self(
            firmness: self::evenly(Firmness::FirmWithGive, Firmness::FirmWithGive),
            leader: LeaderShape::straight(),
            lag: Length::zero(),
            seam: new WoundSeam(SeamLie::None),
            clamps: SideClamps::justStraight(),
            pinSpacing: Distance::PinHand->usual(),
            stretch: Stretch::None,
            middle: Length::zero(),
            sides: Length::zero(),
        );
    }

    public static function evenly(Firmness $backing, Firmness $top): FirmnessReading
    {
        return new FirmnessReading([$backing, $backing, $backing], [$top, $top, $top]);
    }

    /** The same bed with something else about it; null leaves what is there. */
    public function with(
        ?FirmnessReading $firmness = null,
        ?LeaderShape $leader = null,
        ?Length $lag = null,
        ?WoundSeam $seam = null,
        ?SideClamps $clamps = null,
        ?Length $pinSpacing = null,
        ?Stretch $stretch = null,
        ?Length $middle = null,
        ?Length $sides = null,
    ): self {
        return new self(
            firmness: $firmness ?? $this->firmness,
            leader: $leader ?? $this->leader,
            lag: $lag ?? $this->lag,
            seam: $seam ?? $this->seam,
            clamps: $clamps ?? $this->clamps,
            pinSpacing: $pinSpacing ?? $this->pinSpacing,
            stretch: $stretch ?? $this->stretch,
            middle: $middle ?? $this->middle,
            sides: $sides ?? $this->sides,
        );
    }
}
