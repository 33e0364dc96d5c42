<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

enum FrameKind: string
{
    case Roller = 'roller';
    case RollerFrontBacking = 'roller-front-backing';
    case Clamp = 'clamp';
    case ClampWithRollers = 'clamp-with-rollers';

    /** Out of reach at each end of the rail where the frame's record does not say. */
    public function usualUnreachable(): Length
    {
        return match ($this) {
            self::Clamp, self::ClampWithRollers => Length::inches(6),
            self::Roller, self::RollerFrontBacking => Length::zero(),
        };
    }

    /** Only a quilt that is clamped can be moved sideways and worked in sections. */
    public function worksInSections(): bool
    {
        return self::Clamp === $this;
    }

    /** Poles have no cloth fixed to them. */
    public function hasLeaders(): bool
    {
        return self::Clamp !== $this;
    }

    /** Only where a roller of its own carries the top can the top be attached. */
    public function hasTopRoller(): bool
    {
        return self::Roller === $this;
    }
}
