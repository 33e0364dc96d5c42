<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** How dark a cloth is, where that matters for what lies under it. */
enum Shade: string implements Worded
{
    case Light = 'light';
    case Medium = 'medium';
    case Dark = 'dark';

    public function words(): string
    {
        return match ($this) {
            self::Light => 'light',
            self::Medium => 'between',
            self::Dark => 'dark',
        };
    }
}
