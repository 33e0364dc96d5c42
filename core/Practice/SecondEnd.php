<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How the second end of the backing finds its place. */
enum SecondEnd: string implements School
{
    case Mark = 'mark';
    case Slide = 'slide';

    public function words(): string
    {
        return match ($this) {
            self::Mark => 'by its centre mark',
            self::Slide => 'slid sideways until it hangs without a fold',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Mark => 'a centre that was measured is quick to find',
            self::Slide => 'the cloth itself shows where it hangs straight',
        };
    }
}
