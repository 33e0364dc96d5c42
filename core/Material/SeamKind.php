<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

/** What a seam of the top separates. */
enum SeamKind: string
{
    case Block = 'block';
    case Border = 'border';
}
