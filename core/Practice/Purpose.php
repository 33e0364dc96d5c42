<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/**
 * What a quilt is on the frame for: to be quilted, only to be basted and taken off, or to be quilted after it was
 * basted.
 */
enum Purpose: string implements Worded
{
    case Quilting = 'quilting';
    case Basting = 'basting';
    case Prebasted = 'prebasted';

    public function words(): string
    {
        return match ($this) {
            self::Quilting => 'to be quilted',
            self::Basting => 'to be basted and taken off',
            self::Prebasted => 'basted before, to be quilted',
        };
    }
}
