<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the top is laid straight by: an inner seam, or its outer edge. */
enum Alignment: string
{
    case Seam = 'seam';
    case Edge = 'edge';
}
