<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Where one stands when the backing goes on, and so which of its ends is attached first. */
enum LoadingPlace: string implements School
{
    case Front = 'front';
    case Rear = 'rear';
    case Table = 'table';

    public function words(): string
    {
        return match ($this) {
            self::Front => 'from the front, tail end first',
            self::Rear => 'from the rear, lead end first',
            self::Table => 'from the rear, the second end lying on the table',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Front => 'the backing is wound once, and the hands stay where the work is',
            self::Rear => 'the second end is attached without weight on it, and the cloth is seen twice',
            self::Table => 'clips are pressed on a flat surface, and nobody bends',
        };
    }
}
