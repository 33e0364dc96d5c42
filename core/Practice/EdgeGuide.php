<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the needle follows along the far edge: the channel lock, or the eye. */
enum EdgeGuide: string
{
    case Lock = 'lock';
    case Eye = 'eye';
}
