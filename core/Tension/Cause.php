<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Why layers do not lie as they should; the value is the word of the documents. What is known of each is in Knowledge.
 */
enum Cause: string
{
    case LeaderCrooked = 'leader-crooked';
    case LeaderWornCentre = 'leader-worn-centre';
    case BackingCrooked = 'backing-crooked';
    case AttachedUneven = 'attached-uneven';
    case AttachedOffCentre = 'attached-off-centre';
    case NotEvened = 'not-evened';
    case BackingOvertight = 'backing-overtight';
    case TopOvertight = 'top-overtight';
    case SideClampsTight = 'side-clamps-tight';
    case SideClampsNarrow = 'side-clamps-narrow';
    case StretchRollerToRoller = 'stretch-roller-to-roller';
    case SeamWindsOnItself = 'seam-winds-on-itself';
    case BorderFull = 'border-full';
    case AirWalks = 'air-walks';
    case TopBastedStretched = 'top-basted-stretched';
    case MisroutedLeader = 'misrouted-leader';
    case BulkInTakeup = 'bulk-in-takeup';
    case BattingCreased = 'batting-creased';
    case BackingSlippery = 'backing-slippery';
    case LeanedOnBar = 'leaned-on-bar';
    case AlignedToWavyEdge = 'aligned-to-wavy-edge';
    case FrameOutOfTrue = 'frame-out-of-true';
    case RollerBowed = 'roller-bowed';
    case WoundFromAHeap = 'wound-from-a-heap';
    case EdgeForced = 'edge-forced';
    case BackingDoubledUnder = 'backing-doubled-under';
    case FloatUnheld = 'float-unheld';
    case TooSlack = 'too-slack';
    case OneRatchetBehind = 'one-ratchet-behind';
    case PinsTooDense = 'pins-too-dense';
    case FrameNotLevel = 'frame-not-level';
    case SidesNotBasted = 'sides-not-basted';
    case BastedTooFarIn = 'basted-too-far-in';
    case TailUnsecured = 'tail-unsecured';
    case RollTooBig = 'roll-too-big';
    case PrebastedTight = 'prebasted-tight';
}
