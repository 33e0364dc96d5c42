<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

/** The ways out of a short backing, best first. */
enum RemedyKind: string
{
    case Turn = 'turn';
    case Method = 'method';
    case WorkedOut = 'worked-out';
    case Extend = 'extend';
    case SquareUp = 'square-up';
    case Piece = 'piece';
    case AskClient = 'ask-client';
}
