<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Material\End;

/** What a studio has written down of the leaders of one frame; asked only when something depends on it. */
interface LeaderRecords
{
    /** @return list<PastLoad>|null of the take-up leader, oldest first; null where the frame has no leaders */
    public function pastLoads(): ?array;

    /** Null where there is no such leader. */
    public function hasCasing(End $end): ?bool;

    /** Of the take-up leader; null where there is none. */
    public function loadsSinceCheck(): ?int;
}
