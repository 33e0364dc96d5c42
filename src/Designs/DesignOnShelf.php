<?php

declare(strict_types=1);

namespace App\Designs;

use App\Account\Studio;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Preparation\ChosenDesign;

/** The row design that a sheet names, read from the shelf once something depends on it. */
final readonly class DesignOnShelf implements ChosenDesign
{
    public function __construct(private DesignShelf $shelf, private Studio $studio, private string $word) {}

    public function path(): ?StitchPath
    {
        return '' === $this->word ? null : $this->shelf->find($this->studio, $this->word);
    }
}
