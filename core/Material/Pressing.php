<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

enum Pressing: string
{
    case Open = 'open';
    case ToOneSide = 'side';
}
