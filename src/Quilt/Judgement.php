<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;

/** Where a quilt stands and the one sentence that says so. */
final readonly class Judgement
{
    public function __construct(public Standing $standing, public Phrase $sentence)
    {
    }

    public function in(UnitSystem $units): string
    {
        return mb_substr($this->sentence->writtenBy(new LengthWriter($units)), 0, 300);
    }
}
