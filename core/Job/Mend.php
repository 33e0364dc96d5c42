<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Worded;

/** What is done to a backing off the frame before it is loaded. */
enum Mend: string implements Worded
{
    case None = 'none';
    case Extend = 'extend';
    case SquareUp = 'square-up';
    case Piece = 'piece';
    case AskClient = 'ask-client';

    public function words(): string
    {
        return match ($this) {
            self::None => 'nothing',
            self::Extend => 'strips are sewn on',
            self::SquareUp => 'only the ends are squared',
            self::Piece => 'a new backing is pieced',
            self::AskClient => 'the client brings a larger backing',
        };
    }
}
