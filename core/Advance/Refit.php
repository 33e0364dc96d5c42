<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;

/** Rows from a number on that are laid otherwise than planned; places in the bed, from the lead edge. */
final readonly class Refit
{
    /**
     * @param int    $from  number of the first such row, from 0
     * @param Length $begins where it begins
     * @param Length $height of each
     * @param Length $gap    between two of them
     */
    public function __construct(public int $from, public Length $begins, public Length $height, public Length $gap) {}
}
