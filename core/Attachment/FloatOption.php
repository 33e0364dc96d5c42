<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FloatKind;

/** One way to leave or hold the top's own ends, with its reason. */
final readonly class FloatOption
{
    public function __construct(
        public FloatKind $kind,
        public bool $isPossible,
        public bool $isAdvised,
        public Phrase $reason,
    ) {}
}
