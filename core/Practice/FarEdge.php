<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/**
 * Where the top's far edge is laid and how it is basted: on the reference line, a small step below it, or by a light
 * wave into which fullness slips.
 */
enum FarEdge: string implements Worded
{
    case OnLine = 'on-line';
    case Below = 'below';
    case Wavy = 'wavy';

    public function words(): string
    {
        return match ($this) {
            self::OnLine => 'on the line',
            self::Below => 'a small step below the line',
            self::Wavy => 'a light wavy line',
        };
    }
}
