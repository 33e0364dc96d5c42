<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Pin;
use Schwung\Core\Measure\Phrase;

/** A kept decision that the quilt as it stands does not keep: what was pinned, and what would be in its place. */
final readonly class BrokenPin
{
    /** @param Decision|null $now null where nothing would be in its place */
    public function __construct(public Pin $pin, public PinKind $kind, public ?Decision $now) {}

    public function cost(): Phrase
    {
        return $this->kind->cost($this->pin->isDone());
    }
}
