<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What keeps the machine on a straight line across. */
enum ChannelLock: string implements School
{
    case Electronic = 'electronic';
    case WheelClip = 'wheel-clip';
    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::Electronic => 'a lock in the machine',
            self::WheelClip => 'a clip at the wheels',
            self::None => 'none: by eye',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Electronic => 'one press, and it draws the line by itself',
            self::WheelClip => 'it holds without current, and is seen to be on',
            self::None => 'nothing can be forgotten on the machine',
        };
    }
}
