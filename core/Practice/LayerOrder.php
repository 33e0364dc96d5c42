<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Which layer goes on its roller first, where the top is attached at all. */
enum LayerOrder: string
{
    case BackingFirst = 'backing-first';
    case TopFirst = 'top-first';
}
