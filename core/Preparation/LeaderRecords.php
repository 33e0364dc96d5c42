<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\LeaderVerdict;
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

    /** The worst of the last checks of all leaders; null where none was checked. */
    public function verdict(): ?LeaderVerdict;

    /** What the leaders have in common, of checks that lie near each other; null where fewer than two were checked. */
    public function commonTilt(): ?CommonTilt;
}
