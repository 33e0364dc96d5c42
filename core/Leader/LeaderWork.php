<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

/** What is sewn at a leader while it hangs. */
enum LeaderWork: string
{
    case Line = 'line';
    case Casing = 'casing';
    case Pocket = 'pocket';

    public function words(): string
    {
        return match ($this) {
            self::Line => 'The test line',
            self::Casing => 'A casing for a dowel',
            self::Pocket => 'A pocket for a steel bar',
        };
    }
}
