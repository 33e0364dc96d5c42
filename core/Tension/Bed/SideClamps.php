<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Measure\Length;

/** The clamps at the sides of the bed. */
final readonly class SideClamps
{
    public const STRONGEST = 4;
    /** Where they are set as they should be. */
    public const APART_INCHES = 12;

    /** @param int $pull from 0 (none are on) over 2 (just straight) to 4 (as hard as they go) */
    public function __construct(public int $pull, public ClampWidth $bite, public Length $apart) {}

    public static function justStraight(): self
    {
        return new self(2, ClampWidth::Wide, Length::inches(self::APART_INCHES));
    }
}
