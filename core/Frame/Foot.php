<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Worded;

/** What the machine sets on the cloth beside the needle. */
enum Foot: string implements Worded
{
    case OpenToe = 'open-toe';
    case Disc = 'disc';
    case Ruler = 'ruler';

    public function words(): string
    {
        return match ($this) {
            self::OpenToe => 'open-toe foot',
            self::Disc => 'disc or bowl foot',
            self::Ruler => 'ruler foot',
        };
    }
}
