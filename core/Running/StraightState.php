<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

/** What three readings along an edge or a seam say. */
enum StraightState: string
{
    case Straight = 'straight';
    case Move = 'move';
    case Bowed = 'bowed';
}
