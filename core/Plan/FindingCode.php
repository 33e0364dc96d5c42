<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

/** Everything that a plan may find: each code knows how much it weighs, and the one stage where it is told. */
enum FindingCode: string
{
    case EdgeTooFull = 'edge-too-full';
    case EdgeTooTight = 'edge-too-tight';
    case MiddleDoubtful = 'middle-doubtful';
    case TopOffSquare = 'top-off-square';
    case TopOutOfSquare = 'top-out-of-square';
    case MarginBelowWorkedOut = 'margin-below-worked-out';
    case OffGrain = 'off-grain';
    case BackingShort = 'backing-short';
    case BackingTight = 'backing-tight';
    case BackingToMend = 'backing-to-mend';
    case BackingAwaited = 'backing-awaited';
    case BattingShort = 'batting-short';
    case BattingToPiece = 'batting-to-piece';
    case BattingTrim = 'batting-trim';
    case BattingNearBacking = 'batting-near-backing';
    case BattingNotRested = 'batting-not-rested';
    case Reach = 'reach';
    case Leader = 'leader';
    case StretchRollerToRoller = 'stretch-roller-to-roller';
    case SeamRidge = 'seam-ridge';
    case DesignOnItsSide = 'design-on-its-side';
    case TopOnItsSide = 'top-on-its-side';
    case PrintOnItsSide = 'print-on-its-side';
    case BackingWiderThanLeader = 'backing-wider-than-leader';
    case LeaderNarrowForClips = 'leader-narrow-for-clips';
    case PinSpacingOverMargin = 'pin-spacing-over-margin';
    case ClipsShort = 'clips-short';
    case ClipsUncounted = 'clips-uncounted';
    case StockShort = 'stock-short';
    case PullOut = 'pull-out';
    case Row = 'row';
    case Roll = 'roll';
    case FinishNotPossible = 'finish-not-possible';
    case RunOffPastTail = 'run-off-past-tail';
    case DesignBeyondQuilt = 'design-beyond-quilt';
    case BlockCut = 'block-cut';
    case EdgeOutOfReach = 'edge-out-of-reach';
    case DesignGap = 'design-gap';
    case Unsuited = 'unsuited';
    case PinBroken = 'pin-broken';

    /** As a document writes it; a finding may say itself that it weighs otherwise. */
    public function level(): Level
    {
        return match ($this) {
            self::EdgeTooFull,
            self::EdgeTooTight,
            self::MiddleDoubtful,
            self::TopOutOfSquare,
            self::MarginBelowWorkedOut,
            self::BackingAwaited,
            self::BattingShort,
            self::BattingTrim,
            self::BattingNotRested,
            self::StretchRollerToRoller,
            self::SeamRidge,
            self::DesignOnItsSide,
            self::PinSpacingOverMargin,
            self::StockShort,
            self::PullOut,
            self::RunOffPastTail,
            self::DesignBeyondQuilt,
            self::DesignGap
                => Level::Warning,
            self::TopOffSquare,
            self::OffGrain,
            self::BackingTight,
            self::BackingToMend,
            self::BattingToPiece,
            self::BattingNearBacking,
            self::TopOnItsSide,
            self::PrintOnItsSide,
            self::BackingWiderThanLeader,
            self::LeaderNarrowForClips,
            self::ClipsUncounted,
            self::FinishNotPossible,
            self::BlockCut,
            self::EdgeOutOfReach,
            self::Unsuited,
            self::PinBroken
                => Level::Info,
            self::BackingShort, self::Reach, self::Leader, self::ClipsShort, self::Row, self::Roll => Level::Error,
        };
    }

    public function stage(): Stage
    {
        return match ($this) {
            self::EdgeTooFull,
            self::EdgeTooTight,
            self::MiddleDoubtful,
            self::TopOffSquare,
            self::TopOutOfSquare
                => Stage::Measure,
            self::MarginBelowWorkedOut,
            self::OffGrain,
            self::BackingShort,
            self::BackingTight,
            self::BackingToMend,
            self::BackingAwaited,
            self::BattingShort,
            self::BattingToPiece,
            self::BattingTrim,
            self::BattingNearBacking,
            self::BattingNotRested,
            self::Unsuited
                => Stage::Backing,
            self::Reach,
            self::Leader,
            self::StretchRollerToRoller,
            self::SeamRidge,
            self::DesignOnItsSide,
            self::TopOnItsSide,
            self::PrintOnItsSide
                => Stage::Direction,
            self::BackingWiderThanLeader,
            self::LeaderNarrowForClips,
            self::PinSpacingOverMargin,
            self::ClipsShort,
            self::ClipsUncounted,
            self::StockShort,
            self::PullOut
                => Stage::Attach,
            self::Row,
            self::Roll,
            self::FinishNotPossible,
            self::RunOffPastTail,
            self::DesignBeyondQuilt,
            self::BlockCut,
            self::DesignGap,
            self::EdgeOutOfReach
                => Stage::Passes,
            self::PinBroken => Stage::Load,
        };
    }

    /** Where it leaves its stage: mostly by its level, but some wait for somebody though nothing is wrong. */
    public function standing(Level $level): Standing
    {
        return match ($this) {
            self::BattingShort, self::BackingAwaited => Standing::Stuck,
            self::BackingTight, self::ClipsUncounted, self::BlockCut, self::PinBroken => Standing::Decide,
            default => match ($level) {
                Level::Error => Standing::Stuck,
                Level::Warning => Standing::Decide,
                Level::Info => Standing::Fine,
            },
        };
    }
}
