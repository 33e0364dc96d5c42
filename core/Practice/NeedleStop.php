<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Where the needle stops when the machine does. */
enum NeedleStop: string implements School
{
    case Down = 'down';
    case Up = 'up';

    public function words(): string
    {
        return match ($this) {
            self::Down => 'down',
            self::Up => 'up',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Down => 'the line goes on where it stopped, without a gap',
            self::Up => 'the machine can be moved at once, and cloth is never dragged by it',
        };
    }
}
