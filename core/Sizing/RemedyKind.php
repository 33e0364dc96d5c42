<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** The ways out of a short backing, in the order in which they are offered. */
enum RemedyKind: string
{
    case Turn = 'turn';
    case Swap = 'swap';
    case Method = 'method';
    case Float = 'float';
    case WorkedOut = 'worked-out';
    case Extend = 'extend';
    case SquareUp = 'square-up';
    case Piece = 'piece';
    case AskClient = 'ask-client';
}
