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
}
