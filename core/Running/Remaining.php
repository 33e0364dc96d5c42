<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;

/** What is still to be stitched at a moment of the work; rows are null for block work. */
final readonly class Remaining
{
    private function __construct(public int $passes, public ?int $rows) {}

    /** @param int $stitched how many passes are done */
    public static function after(Winding $winding, int $stitched): self
    {
        $left = \array_slice($winding->winds, max(0, $stitched));

        return new self(
            \count($left),
            null === $winding->rows
                ? null
                : array_sum(array_map(static fn(Wind $wind): int => $wind->pass->rows ?? 0, $left)),
        );
    }
}
