<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** Somebody loads a quilt although something is stuck: why, and what it was that was stuck then. */
final readonly class Overruling
{
    /** @param list<string> $codes of the findings that were overruled, in order */
    public function __construct(public string $reason, public array $codes) {}

    /**
     * Whether all that is stuck now was known when it was overruled.
     *
     * @param list<string> $codes of the findings that are stuck now
     */
    public function covers(array $codes): bool
    {
        return '' !== $this->reason && [] === array_diff($codes, $this->codes);
    }
}
