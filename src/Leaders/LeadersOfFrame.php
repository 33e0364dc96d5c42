<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Frames\StudioFrame;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\End;
use Schwung\Core\Preparation\LeaderRecords;

/** The leaders of a quilt's frame, read from the database once something depends on them. */
final class LeadersOfFrame implements LeaderRecords
{
    private ?FrameLeaders $leaders = null;

    public function __construct(
        private readonly StudioLeaderRepository $repository,
        private readonly ?StudioFrame $frame,
    ) {}

    public function pastLoads(): ?array
    {
        return $this->leaders()?->at(End::Lead)?->pastLoads();
    }

    public function hasCasing(End $end): ?bool
    {
        return $this->leaders()?->at($end)?->hasCasing();
    }

    public function loadsSinceCheck(): ?int
    {
        return $this->leaders()?->at(End::Lead)?->loadsSinceInspection();
    }

    public function verdict(): ?LeaderVerdict
    {
        return null === $this->frame ? null : $this->leaders()?->verdict($this->frame->measures()->bed());
    }

    public function commonTilt(): ?CommonTilt
    {
        return null === $this->frame ? null : $this->leaders()?->commonTilt($this->frame->measures()->bed());
    }

    private function leaders(): ?FrameLeaders
    {
        return $this->leaders ??= null === $this->frame ? null : $this->repository->ofFrame($this->frame);
    }
}
