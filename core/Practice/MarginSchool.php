<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How much more backing than top a quilter wants. */
enum MarginSchool: string
{
    case Three = 'three';
    case Four = 'four';
    case Five = 'five';
    case ShortFrame = 'short-frame';
    case WorkedOut = 'worked-out';
    case Custom = 'custom';
}
