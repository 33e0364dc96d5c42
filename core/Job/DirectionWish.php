<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

enum DirectionWish: string
{
    case Auto = 'auto';
    case AsIs = 'as-is';
    case Turned = 'turned';
}
