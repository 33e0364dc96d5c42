<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A closed set whose members a person can choose from: each says itself how a quilter calls it. */
interface Worded extends \BackedEnum
{
    public function words(): string;
}
