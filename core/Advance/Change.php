<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** What was changed of the passes while the quilt is on its frame: from here on, never of what is stitched. */
final readonly class Change
{
    /**
     * @param int         $passes    that stay as they are, the one in the bed with them
     * @param Length|null $thickness of one turn as the roll showed it; null where it is as before
     * @param Refit|null  $refit     of the rows that are left; null where they are as before
     */
    public function __construct(public int $passes, public ?Length $thickness = null, public ?Refit $refit = null) {}
}
