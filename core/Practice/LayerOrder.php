<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** Which layer goes on its roller first, where the top is attached at all. */
enum LayerOrder: string implements Worded
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
}
