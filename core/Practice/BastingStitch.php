<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Long basting stitches come out easily; the same stitch as the quilting leaves nothing to set back. */
enum BastingStitch: string implements School
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

    public function reason(): string
    {
        return match ($this) {
            self::Long => 'long stitches come out easily',
            self::Same => 'there is nothing to set back, and so nothing to forget',
        };
    }
}
