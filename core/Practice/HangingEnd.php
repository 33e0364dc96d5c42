<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What keeps the hanging end of a floating top in line. */
enum HangingEnd: string implements School
{
    case Bar = 'bar';
    case Magnets = 'magnets';
    case HalfClips = 'half-clips';
    case Nothing = 'nothing';

    public function words(): string
    {
        return match ($this) {
            self::Bar => 'a light bar',
            self::Magnets => 'magnets on a steel bar',
            self::HalfClips => 'half-round clips on the bar',
            self::Nothing => 'nothing',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Bar => 'it draws evenly and is lifted off with one hand',
            self::Magnets => 'they hold each part by itself',
            self::HalfClips => 'they let the cloth slip a little, and nothing rolls off',
            self::Nothing => 'a top with body hangs straight by itself',
        };
    }
}
