<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How much of the top hangs free: all of it, its lead end basted and its tail held, or both ends attached. */
enum FloatKind: string
{
    case Full = 'full';
    case Part = 'part';
    case None = 'none';
}
