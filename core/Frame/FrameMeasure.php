<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worded;

/**
 * Every length that is measured on a frame, in the order in which one walks round it with a tape.
 *
 * The one place where they are named: documents, records, forms and drawings go through these cases.
 */
enum FrameMeasure: string implements Worded
{
    case Rail = 'rail';
    case UnreachableLeft = 'unreachable_left';
    case UnreachableRight = 'unreachable_right';
    case Throat = 'throat';
    case ArmClearance = 'arm_clearance';
    case TakeupDiameter = 'takeup_diameter';
    case BackingDiameter = 'backing_diameter';
    case TopDiameter = 'top_diameter';
    case FrontAllowance = 'front_allowance';
    case BackAllowance = 'back_allowance';
    case BedSpan = 'bed_span';
    case RollerToBar = 'roller_to_bar';
    case LeaderLength = 'leader_length';
    case LeaderWidth = 'leader_width';

    /** Kept free in front and at the back of the throat: the everyday rule is throat less six. */
    private const ALLOWANCE_INCHES = 3;
    /** Under the arm of most machines; a smaller figure would say too soon that a roll does not fit. */
    private const CLEARANCE_INCHES = 8;
    /** A bare pole as most frames have it. */
    private const ROLLER_INCHES = 2.5;

    /** Without these there is no plan. */
    public function isNeeded(): bool
    {
        return match ($this) {
            self::Rail, self::Throat, self::ArmClearance, self::TakeupDiameter => true,
            self::UnreachableLeft,
            self::UnreachableRight,
            self::BackingDiameter,
            self::TopDiameter,
            self::FrontAllowance,
            self::BackAllowance,
            self::BedSpan,
            self::RollerToBar,
            self::LeaderLength,
            self::LeaderWidth
                => false,
        };
    }

    /** A length of nothing means something here; of a leader it means that there is none, on a frame that has poles. */
    public function mayBeZero(FrameKind $kind): bool
    {
        return match ($this) {
            self::UnreachableLeft, self::UnreachableRight, self::FrontAllowance, self::BackAllowance => true,
            self::LeaderLength, self::LeaderWidth => $kind->isClamped(),
            self::Rail,
            self::Throat,
            self::ArmClearance,
            self::TakeupDiameter,
            self::BackingDiameter,
            self::TopDiameter,
            self::BedSpan,
            self::RollerToBar
                => false,
        };
    }

    /** What is taken where it was not measured; null where nothing is. */
    public function usual(FrameKind $kind): ?Length
    {
        return match ($this) {
            self::UnreachableLeft, self::UnreachableRight => $kind->usualUnreachable(),
            self::FrontAllowance, self::BackAllowance => Length::inches(self::ALLOWANCE_INCHES),
            self::Rail,
            self::Throat,
            self::ArmClearance,
            self::TakeupDiameter,
            self::BackingDiameter,
            self::TopDiameter,
            self::BedSpan,
            self::RollerToBar,
            self::LeaderLength,
            self::LeaderWidth
                => null,
        };
    }

    /**
     * What is proposed for a measure without which there is no plan, until somebody has taken it; an everyday figure.
     */
    public function everyday(): ?Length
    {
        return match ($this) {
            self::ArmClearance => Length::inches(self::CLEARANCE_INCHES),
            self::TakeupDiameter => Length::inches(self::ROLLER_INCHES),
            default => null,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Rail => 'Rail',
            self::UnreachableLeft => 'Out of reach, left',
            self::UnreachableRight => 'Out of reach, right',
            self::Throat => 'Throat',
            self::ArmClearance => 'Arm clearance',
            self::TakeupDiameter => 'Take-up roller',
            self::BackingDiameter => 'Backing roller',
            self::TopDiameter => 'Top roller',
            self::FrontAllowance => 'Kept free in front',
            self::BackAllowance => 'Kept free at the back',
            self::BedSpan => 'Bed',
            self::RollerToBar => 'Roller to bar',
            self::LeaderLength => 'Leader length',
            self::LeaderWidth => 'Leader width',
        };
    }

    /** Where to hold the tape. */
    public function help(): string
    {
        return match ($this) {
            self::Rail => 'The whole length that the machine can run.',
            self::UnreachableLeft => 'From the rail\'s left end to where the needle first gets.',
            self::UnreachableRight => 'The same at the right end.',
            self::Throat => 'From the needle to the back of the arm. See "Is this the true throat?"',
            self::ArmClearance => 'The height free under the arm for the roll.',
            self::TakeupDiameter => 'Across the bare roller.',
            self::BackingDiameter
                => 'The same of the roller that carries the backing; as the take-up where it is left out.',
            self::TopDiameter => 'The same of the roller that carries the top.',
            self::FrontAllowance => 'What the foot needs before the front bar, usually less than a hand.',
            self::BackAllowance => 'What the foot needs before the take-up, usually less than a hand.',
            self::BedSpan => 'From the front bar to the take-up.',
            self::RollerToBar => 'The way of the cloth from the backing roller up to the front bar.',
            self::LeaderLength => 'From the roller to its free edge.',
            self::LeaderWidth => 'Along the roller.',
        };
    }
}
