<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

enum BastingLineKind: string
{
    case Reference = 'reference';
    case AllOver = 'all-over';
    case TopEdge = 'top-edge';
    case Side = 'side';
    case LastEdge = 'last-edge';
    case Meander = 'meander';
}
