<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** Strips at both ends keep the quilt centred; one strip saves a seam. */
enum ExtensionLayout: string implements Worded
{
    case BothEnds = 'both';
    case OneEnd = 'one';

    public function words(): string
    {
        return match ($this) {
            self::BothEnds => 'at both ends',
            self::OneEnd => 'at one end',
        };
    }
}
