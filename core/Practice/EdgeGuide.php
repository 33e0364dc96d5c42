<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the needle follows along the far edge: the channel lock, or the eye. */
enum EdgeGuide: string implements School
{
    case Lock = 'lock';
    case Eye = 'eye';

    public function words(): string
    {
        return match ($this) {
            self::Lock => 'with the channel lock',
            self::Eye => 'by eye along the edge',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Lock => 'the machine draws the straight line by itself',
            self::Eye => 'the line stays near an edge that is not quite straight',
        };
    }
}
