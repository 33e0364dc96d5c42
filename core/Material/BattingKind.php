<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

enum BattingKind: string
{
    case Cotton = 'cotton';
    case CottonPoly = 'cotton-poly';
    case Polyester = 'polyester';
    case Wool = 'wool';
    case Silk = 'silk';
    case Bamboo = 'bamboo';
}
