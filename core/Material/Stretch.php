<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** The way of the greater stretch, as the backing was measured. */
enum Stretch: string implements Worded
{
    case None = 'none';
    case Across = 'across';
    case Along = 'along';

    public function words(): string
    {
        return match ($this) {
            self::None => 'neither way',
            self::Across => 'across',
            self::Along => 'along',
        };
    }

    /** As it lies once the cloth is given a quarter turn. */
    public function turned(): self
    {
        return match ($this) {
            self::None => self::None,
            self::Across => self::Along,
            self::Along => self::Across,
        };
    }
}
