<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Evaluation;

/** Where the right cause of a case was ranked, and how likely the one that was put first was called. */
final readonly class Found
{
    /** @param int $place from 1 */
    public function __construct(public KnownCase $known, public int $place, public float $chance) {}
}
