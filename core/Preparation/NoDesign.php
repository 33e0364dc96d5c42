<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Design\StitchPath;

/** Plain rows, or no rows at all. */
final readonly class NoDesign implements ChosenDesign
{
    public function path(): ?StitchPath
    {
        return null;
    }
}
