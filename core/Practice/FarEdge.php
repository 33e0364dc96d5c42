<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Where the top's far edge is laid and how it is basted: on the reference line, a small step below it, or by a light wave into which fullness slips. */
enum FarEdge: string
{
    case OnLine = 'on-line';
    case Below = 'below';
    case Wavy = 'wavy';
}
