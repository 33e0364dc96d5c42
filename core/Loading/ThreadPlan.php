<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;

/** What a quilt takes of thread; an estimate. */
final readonly class ThreadPlan
{
    /**
     * @param list<Length> $byPass  how far the needle runs in each pass
     * @param Length    $stitched all that the needle runs
     * @param Length    $thread   of the upper thread, and as much of the bobbin's
     * @param list<int> $runsOut  passes, from 1, in which a bobbin is likely to run out
     * @param list<BobbinChange> $changes at the ends of rows, so that none runs out within one
     */
    public function __construct(
        public array $byPass,
        public Length $stitched,
        public Length $thread,
        public int $bobbins,
        public array $runsOut,
        public array $changes = [],
    ) {}

    /** @return list<int> passes, from 1, in which a bobbin is changed, or runs out whatever is done */
    public function bobbinPasses(): array
    {
        $passes = array_map(static fn(BobbinChange $change): int => $change->pass, $this->changes);

        return [] === $passes ? $this->runsOut : array_values(array_unique($passes));
    }

    /** @return list<BobbinChange> in a pass */
    public function changesIn(int $pass): array
    {
        return array_values(
            array_filter($this->changes, static fn(BobbinChange $change): bool => $change->pass === $pass),
        );
    }
}
