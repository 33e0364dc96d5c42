<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** When basting that the quilting would cross is taken out. */
enum PickTime: string implements School
{
    case BeforeCrossed = 'before-crossed';
    case AfterBed = 'after-bed';

    public function words(): string
    {
        return match ($this) {
            self::BeforeCrossed => 'before it is crossed',
            self::AfterBed => 'after the bed is quilted',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::BeforeCrossed => 'threads stitched over lock together and are hard to pick',
            self::AfterBed => 'the layers are held until the last stitch',
        };
    }
}
