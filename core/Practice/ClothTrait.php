<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Worded;

/** What may not suit another thing on the same quilt (rule 27). */
enum ClothTrait: string implements Worded
{
    case LightTop = 'light-top';
    case DarkTop = 'dark-top';
    case LightBacking = 'light-backing';
    case DarkBacking = 'dark-backing';
    case FineBacking = 'fine-backing';
    case StretchyBacking = 'stretchy-backing';
    case Flannel = 'flannel';
    case Pile = 'pile';
    case Turned = 'turned';
    case Cotton = 'cotton';
    case CottonPoly = 'cotton-poly';
    case Polyester = 'polyester';
    case Wool = 'wool';
    case Silk = 'silk';
    case Bamboo = 'bamboo';
    case ThickNeedle = 'thick-needle';

    public function words(): string
    {
        return match ($this) {
            self::LightTop => 'a light top',
            self::DarkTop => 'a dark top',
            self::LightBacking => 'a light backing',
            self::DarkBacking => 'a dark backing',
            self::FineBacking => 'a finely woven backing',
            self::StretchyBacking => 'a stretchy backing',
            self::Flannel => 'a flannel backing',
            self::Pile => 'a backing with a pile',
            self::Turned => 'a quilt that is turned',
            self::Cotton => 'cotton batting',
            self::CottonPoly => 'cotton and polyester batting',
            self::Polyester => 'polyester batting',
            self::Wool => 'wool batting',
            self::Silk => 'silk batting',
            self::Bamboo => 'bamboo batting',
            self::ThickNeedle => 'a needle of 100 or more',
        };
    }
}
