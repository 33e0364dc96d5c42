<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** How close the pins of an edge stand; magnets follow "wide" too. */
enum PinSchool: string implements Worded
{
    case EndToEnd = 'end-to-end';
    case Hand = 'hand';
    case Ticks = 'ticks';
    case Wide = 'wide';
    case CloserOnPull = 'closer-on-pull';

    public function words(): string
    {
        return match ($this) {
            self::EndToEnd => 'end to end',
            self::Hand => 'a hand apart',
            self::Ticks => 'at the ticks',
            self::Wide => 'wide',
            self::CloserOnPull => 'closer on the pull',
        };
    }
}
