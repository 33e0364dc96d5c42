<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** How a layer is on the frame. */
enum Layer: string
{
    case None = 'none';
    /** The top on its own roller. */
    case Rolled = 'rolled';
    case Laid = 'laid';
    case Basted = 'basted';
}
