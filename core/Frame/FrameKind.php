<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worded;

enum FrameKind: string implements Worded
{
    case Roller = 'roller';
    case RollerFrontBacking = 'roller-front-backing';
    case Clamp = 'clamp';
    case ClampWithRollers = 'clamp-with-rollers';

    /** At a clamp the machine's head stops short of the end of its pole. */
    private const UNREACHABLE_INCHES = 6;

    /** Out of reach at each end of the rail where the frame's record does not say. */
    public function usualUnreachable(): Length
    {
        return $this->isClamped() ? Length::inches(self::UNREACHABLE_INCHES) : Length::zero();
    }

    public function words(): string
    {
        return match ($this) {
            self::Roller => 'rollers, with a top roller',
            self::RollerFrontBacking => 'rollers, front roller carries the backing',
            self::Clamp => 'poles with spring clamps',
            self::ClampWithRollers => 'clamps, with added rollers',
        };
    }

    /** What carries the lead end, far from the quilter. */
    public function back(): string
    {
        return self::Clamp === $this ? 'back pole' : 'take-up roller';
    }

    /** What carries the tail end, before the quilter. */
    public function front(): string
    {
        return match ($this) {
            self::Clamp => 'front pole',
            self::RollerFrontBacking => 'front roller',
            self::Roller, self::ClampWithRollers => 'backing roller',
        };
    }

    /** Whether clamps hold the cloth at an end, with or without added rollers. */
    public function isClamped(): bool
    {
        return match ($this) {
            self::Clamp, self::ClampWithRollers => true,
            self::Roller, self::RollerFrontBacking => false,
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
