<?php

declare(strict_types=1);

namespace App\Platform\Kept;

/**
 * On the action of a page that shows what a studio has written down, to whoever is signed in, and changes nothing: it
 * is kept until anything of the studio is written.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class KeptUntilChanged
{
    /** @param int $minutes how old what it says of the clock may be: what is due, how long something has hung */
    public function __construct(private int $minutes = 10) {}

    public function seconds(): int
    {
        return 60 * $this->minutes;
    }
}
