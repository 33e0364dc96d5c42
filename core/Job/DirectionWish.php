<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

enum DirectionWish: string implements Worded
{
    case Auto = 'auto';
    case AsIs = 'as-is';
    case Turned = 'turned';

    public function words(): string
    {
        return match ($this) {
            self::Auto => 'as proposed',
            self::AsIs => 'as it is',
            self::Turned => 'turned',
        };
    }
}
