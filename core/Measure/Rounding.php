<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** Which way a length goes when it is written: a need up, a place to the nearest, what is left down. */
enum Rounding
{
    case Up;
    case Nearest;
    case Down;
}
