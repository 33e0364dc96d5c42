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
     */
    public function __construct(
        public array $byPass,
        public Length $stitched,
        public Length $thread,
        public int $bobbins,
        public array $runsOut,
    ) {}
}
