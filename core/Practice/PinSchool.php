<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How close the pins of an edge stand; magnets follow "wide" too. */
enum PinSchool: string
{
    case EndToEnd = 'end-to-end';
    case Hand = 'hand';
    case Ticks = 'ticks';
    case Wide = 'wide';
    case CloserOnPull = 'closer-on-pull';
}
