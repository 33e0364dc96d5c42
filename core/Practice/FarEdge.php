<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/**
 * Where the top's far edge is laid and how it is basted: on the reference line, a small step below it, or by a light
 * wave into which fullness slips.
 */
enum FarEdge: string implements School
{
    case OnLine = 'on-line';
    case Below = 'below';
    case Wavy = 'wavy';
    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::OnLine => 'on the line',
            self::Below => 'a small step below the line',
            self::Wavy => 'a light wavy line',
            self::None => 'not basted at all',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::OnLine => 'the slightest slant shows against the line',
            self::Below => 'the line stays visible, and can be pulled out again',
            self::Wavy => 'fullness slips into the waves',
            self::None => 'the quilting itself holds it',
        };
    }
}
