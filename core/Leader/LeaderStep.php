<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Phrase;

/** One thing that hands do at a leader that hangs. */
final readonly class LeaderStep
{
    public function __construct(public Phrase $do, public ?Phrase $why = null, public ?Phrase $caution = null) {}
}
