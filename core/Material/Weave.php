<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** How close a cloth is woven. */
enum Weave: string implements Worded
{
    case Usual = 'usual';
    case Fine = 'fine';

    public function words(): string
    {
        return match ($this) {
            self::Usual => 'usual quilting cotton',
            self::Fine => 'fine, like lawn or batik',
        };
    }
}
