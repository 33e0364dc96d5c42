<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

enum SeamDirection: string
{
    case Across = 'across';
    case Along = 'along';
}
