<?php

declare(strict_types=1);

namespace App\Clients\Home;

use Schwung\Core\Measure\Phrase;

/** One thing to look at before a quilt goes home. */
final readonly class HandOverLine
{
    public function __construct(public string $key, public Phrase $words) {}
}
