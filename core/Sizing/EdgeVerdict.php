<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** What an outer edge of the top asks for, from its fullness against the middle. */
enum EdgeVerdict: string
{
    case Flat = 'flat';
    case WorkIn = 'work-in';
    case WorkInBody = 'work-in-body';
    case TooFull = 'too-full';
    case TooTight = 'too-tight';
}
