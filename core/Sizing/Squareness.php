<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

enum Squareness: string
{
    case Square = 'square';
    case Off = 'off';
    case Out = 'out';
    case Unknown = 'unknown';
}
