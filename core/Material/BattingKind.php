<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

enum BattingKind: string implements Worded
{
    case Cotton = 'cotton';
    case CottonPoly = 'cotton-poly';
    case Polyester = 'polyester';
    case Wool = 'wool';
    case Silk = 'silk';
    case Bamboo = 'bamboo';

    public function words(): string
    {
        return match ($this) {
            self::Cotton => 'cotton',
            self::CottonPoly => 'cotton and polyester',
            self::Polyester => 'polyester',
            self::Wool => 'wool',
            self::Silk => 'silk',
            self::Bamboo => 'bamboo',
        };
    }
}
