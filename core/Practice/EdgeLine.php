<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the attached edge follows. */
enum EdgeLine: string implements School
{
    case Line = 'line';
    case Cloth = 'cloth';

    public function words(): string
    {
        return match ($this) {
            self::Line => 'the edge exactly on the line',
            self::Cloth => 'the cloth flat, wherever its edge runs',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Line => 'a quarter inch off the line shows in the roll',
            self::Cloth => 'a selvedge that is drawn to a line pulls the cloth with it',
        };
    }
}
