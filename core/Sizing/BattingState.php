<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

enum BattingState: string
{
    case Fits = 'fits';
    case Trim = 'trim';
    case Short = 'short';
}
