<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

/** The way of the greater stretch, as the backing was measured. */
enum Stretch: string
{
    case None = 'none';
    case Across = 'across';
    case Along = 'along';
}
