<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

enum BackingKind: string implements Worded
{
    case Cotton = 'cotton';
    case Wide = 'wide';
    case Flannel = 'flannel';
    case Minky = 'minky';
    case Fleece = 'fleece';
    case Knit = 'knit';

    /** So stretchy that its stretch weighs more than a tight margin (rule 13). */
    public function isStretchy(): bool
    {
        return match ($this) {
            self::Minky, self::Fleece, self::Knit => true,
            self::Cotton, self::Wide, self::Flannel => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Cotton => 'cotton',
            self::Wide => 'wide cotton',
            self::Flannel => 'flannel',
            self::Minky => 'minky',
            self::Fleece => 'fleece',
            self::Knit => 'knit',
        };
    }
}
