<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Phrase;

/** Something the quilter should know, at the JSON pointer of the job's member that it concerns. */
final readonly class Finding
{
    public function __construct(public string $code, public Level $level, public Phrase $text, public string $at)
    {
    }
}
