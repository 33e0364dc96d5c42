<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

/** The two ends of a loaded quilt: the lead is stitched first, the tail lies near the quilter. */
enum End: string
{
    case Lead = 'lead';
    case Tail = 'tail';
}
