<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** How much more backing than top a quilter wants. */
enum MarginSchool: string implements Worded
{
    case Three = 'three';
    case Four = 'four';
    case Five = 'five';
    case ShortFrame = 'short-frame';
    case WorkedOut = 'worked-out';
    case Custom = 'custom';

    public function words(): string
    {
        return match ($this) {
            self::Three => '3 in all round',
            self::Four => '4 in all round',
            self::Five => '5 in all round',
            self::ShortFrame => '6 in, short frame',
            self::WorkedOut => 'worked out',
            self::Custom => 'set by hand',
        };
    }
}
