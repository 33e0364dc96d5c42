<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** Edge-to-edge rows of one design, or custom work block by block. */
enum QuiltingStyle: string implements Worded
{
    case Rows = 'rows';
    case Blocks = 'blocks';

    public function words(): string
    {
        return match ($this) {
            self::Rows => 'rows, edge to edge',
            self::Blocks => 'block by block',
        };
    }
}
