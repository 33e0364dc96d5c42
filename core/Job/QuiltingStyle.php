<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** Edge-to-edge rows of one design, or custom work block by block. */
enum QuiltingStyle: string
{
    case Rows = 'rows';
    case Blocks = 'blocks';
}
