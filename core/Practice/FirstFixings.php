<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** In which order the holders of an edge go on. */
enum FirstFixings: string implements School
{
    case CentreOut = 'centre-out';
    case CentreEndsFill = 'centre-ends-fill';
    case EndsFirst = 'ends-first';

    public function words(): string
    {
        return match ($this) {
            self::CentreOut => 'from the centre outward',
            self::CentreEndsFill => 'centre, both ends, then between',
            self::EndsFirst => 'both ends, then outward from the centre',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::CentreOut => 'no fullness is shut in between two fixed points',
            self::CentreEndsFill => 'the edge lies at its full length before it is filled',
            self::EndsFirst => 'the ends cannot wander while the rest is fixed',
        };
    }
}
