<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Which layer goes on its roller first, where the top is attached at all. */
enum LayerOrder: string implements School
{
    case BackingFirst = 'backing-first';
    case TopFirst = 'top-first';

    public function words(): string
    {
        return match ($this) {
            self::BackingFirst => 'the backing',
            self::TopFirst => 'the top',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::BackingFirst => 'the backing can be looked at while nothing hangs over it',
            self::TopFirst => 'the top is rolled on while both hands are free for it',
        };
    }
}
