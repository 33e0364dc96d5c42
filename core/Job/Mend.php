<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** What is done to a backing off the frame before it is loaded. */
enum Mend: string
{
    case None = 'none';
    case Extend = 'extend';
    case SquareUp = 'square-up';
    case Piece = 'piece';
    case AskClient = 'ask-client';
}
