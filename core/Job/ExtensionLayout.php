<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** Strips at both ends keep the quilt centred; one strip saves a seam. */
enum ExtensionLayout: string
{
    case BothEnds = 'both';
    case OneEnd = 'one';
}
