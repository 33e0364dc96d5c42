<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Frames\StudioFrame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Material\End;

/** The leaders of one frame by their rollers; a frame of poles has none. */
final readonly class FrameLeaders
{
    /** @var array<string, StudioLeader> */
    public array $all;

    /** @param array<string, StudioLeader> $known by the words of Roller */
    public function __construct(StudioFrame $frame, array $known)
    {
        $rollers = match ($frame->kind()) {
            FrameKind::Roller => Roller::cases(),
            FrameKind::RollerFrontBacking, FrameKind::ClampWithRollers => [Roller::TakeUp, Roller::Backing],
            FrameKind::Clamp => [],
        };
        $all = [];
        foreach ($rollers as $roller) {
            $all[$roller->value] = $known[$roller->value] ?? new StudioLeader($frame, $roller);
        }
        $this->all = $all;
    }

    public function at(End $end): ?StudioLeader
    {
        return $this->all[(End::Lead === $end ? Roller::TakeUp : Roller::Backing)->value] ?? null;
    }
}
