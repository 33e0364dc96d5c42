<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** Where on the frame, or after it, one looks for what is wrong. */
enum Look: string
{
    case Well = 'well';
    case Roll = 'roll';
    case Sides = 'sides';
    case Edge = 'edge';
    case Stitching = 'stitching';
    case Off = 'off';

    public function words(): string
    {
        return match ($this) {
            self::Well => 'in the bed',
            self::Roll => 'on the roll',
            self::Sides => 'at the sides',
            self::Edge => 'along the edge of the top',
            self::Stitching => 'where it is stitched',
            self::Off => 'once it is off the frame',
        };
    }

    /** @return list<Symptom> what can be seen there */
    public function symptoms(): array
    {
        return array_values(array_filter(Symptom::cases(), fn(Symptom $symptom): bool => $symptom->look() === $this));
    }
}
