<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** How much cloth the side clamps bite. */
enum ClampWidth: string
{
    case Wide = 'wide';
    case Narrow = 'narrow';
}
