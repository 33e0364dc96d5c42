<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Design\ShippedDesigns;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Preparation\ChosenDesign;

/** A shipped design, chosen for a quilt. */
final readonly class SeasonDesign implements ChosenDesign
{
    public function __construct(private string $name) {}

    public function path(): ?StitchPath
    {
        return (new ShippedDesigns())->find($this->name);
    }
}
