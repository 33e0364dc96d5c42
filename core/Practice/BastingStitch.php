<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Long basting stitches come out easily; the same stitch as the quilting leaves nothing to set back. */
enum BastingStitch: string
{
    case Long = 'long';
    case Same = 'same';
}
