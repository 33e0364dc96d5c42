<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** Long basting stitches come out easily; the same stitch as the quilting leaves nothing to set back. */
enum BastingStitch: string implements Worded
{
    case Long = 'long';
    case Same = 'same';

    public function words(): string
    {
        return match ($this) {
            self::Long => 'long: comes out easily',
            self::Same => 'as the quilting: nothing to set back',
        };
    }
}
