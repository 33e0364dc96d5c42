<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Design\StitchPath;

/** The row design that is chosen for a quilt; read only when something is laid or measured by it. */
interface ChosenDesign
{
    /** Null where none is chosen, or it is not on the shelf any more. */
    public function path(): ?StitchPath;
}
