<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** What the top is laid straight by: an inner seam, or its outer edge. */
enum Alignment: string implements Worded
{
    case Seam = 'seam';
    case Edge = 'edge';

    public function words(): string
    {
        return match ($this) {
            self::Seam => 'an inner seam',
            self::Edge => 'its outer edge',
        };
    }
}
