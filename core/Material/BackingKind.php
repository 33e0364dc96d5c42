<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

enum BackingKind: string
{
    case Cotton = 'cotton';
    case Wide = 'wide';
    case Flannel = 'flannel';
    case Minky = 'minky';
    case Fleece = 'fleece';
    case Knit = 'knit';

    /** For these the way of the stretch is settled before the finer state of the backing. */
    public function isStretchy(): bool
    {
        return match ($this) {
            self::Minky, self::Fleece, self::Knit => true,
            self::Cotton, self::Wide, self::Flannel => false,
        };
    }
}
