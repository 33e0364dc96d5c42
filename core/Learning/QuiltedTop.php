<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/** What a finished quilt tells of drawing in; of a hundred of the top. */
final readonly class QuiltedTop
{
    /**
     * @param float $loft    of its batting, in millimetres
     * @param float $density millimetres stitched for each square millimetre
     */
    public function __construct(public float $loft, public float $density, public float $across, public float $along) {}
}
