<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/** What the readings of a roll say of the thickness that was planned with. */
enum RollState: string
{
    case TooFew = 'too-few';
    case AsPlanned = 'as-planned';
    case Thicker = 'thicker';
    case Thinner = 'thinner';

    public function words(): string
    {
        return match ($this) {
            self::TooFew => 'too few readings to say',
            self::AsPlanned => 'as planned',
            self::Thicker => 'thicker than planned',
            self::Thinner => 'thinner than planned',
        };
    }

    /** Whether there is anything to plan anew with. */
    public function differs(): bool
    {
        return self::Thicker === $this || self::Thinner === $this;
    }
}
