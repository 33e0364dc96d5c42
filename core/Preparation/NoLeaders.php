<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\End;

/** Nothing is written down of any leader. */
final readonly class NoLeaders implements LeaderRecords
{
    public function pastLoads(): ?array
    {
        return null;
    }

    public function hasCasing(End $end): ?bool
    {
        return null;
    }

    public function loadsSinceCheck(): ?int
    {
        return null;
    }

    public function verdict(): ?LeaderVerdict
    {
        return null;
    }

    public function commonTilt(): ?CommonTilt
    {
        return null;
    }
}
