<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** What is seen or felt of a fault in the layers; the value is the word of the documents. */
enum Symptom: string
{
    case DragLine = 'drag-line';
    case CrossRipple = 'cross-ripple';
    case CentreDip = 'centre-dip';
    case SideDip = 'side-dip';
    case BothSidesDip = 'both-sides-dip';
    case RampedBed = 'ramped-bed';
    case BackingPucker = 'backing-pucker';
    case TopPleat = 'top-pleat';
    case EdgeFullness = 'edge-fullness';
    case BubbleAhead = 'bubble-ahead';
    case ScallopedSide = 'scalloped-side';
    case SnapBack = 'snap-back';
    case Bounce = 'bounce';
    case RingsTight = 'rings-tight';
    case CurlToBack = 'curl-to-back';
    case CurlToFront = 'curl-to-front';
    case RipplesOffFrame = 'ripples-off-frame';
    case Drift = 'drift';
    case Skew = 'skew';
    case BattingSlides = 'batting-slides';
    case BattingLumps = 'batting-lumps';
    case RollRidge = 'roll-ridge';
    case FootCatch = 'foot-catch';
    case PoorStitches = 'poor-stitches';
    case LooseTail = 'loose-tail';
    case MachineBumps = 'machine-bumps';

    /** As a quilter says it. */
    public function words(): string
    {
        return match ($this) {
            self::DragLine => 'a diagonal pull',
            self::CrossRipple => 'ripples along the rollers',
            self::CentreDip => 'the middle hangs',
            self::SideDip => 'one side hangs',
            self::BothSidesDip => 'both sides hang',
            self::RampedBed => 'the bed slopes front to back',
            self::BackingPucker => 'a tuck stitched into the backing',
            self::TopPleat => 'a pleat in the top',
            self::EdgeFullness => 'the border pushes ahead of the foot',
            self::BubbleAhead => 'a bubble walks ahead of the foot',
            self::ScallopedSide => 'the sides are drawn into scallops',
            self::SnapBack => 'cloth jumps when a clamp is let off',
            self::Bounce => 'the layers flap with the needle',
            self::RingsTight => 'hard as a drum, weave bent',
            self::CurlToBack => 'edges curl to the back',
            self::CurlToFront => 'edges curl to the front',
            self::RipplesOffFrame => 'rippled once off the frame',
            self::Drift => 'the top wanders off its marks',
            self::Skew => 'one side of the top is ahead',
            self::BattingSlides => 'batting slides on the backing',
            self::BattingLumps => 'creases or lumps in the batting',
            self::RollRidge => 'a ridge grows on the roll',
            self::FootCatch => 'the foot catches an edge',
            self::PoorStitches => 'stitches pop, skip or pull',
            self::LooseTail => 'the near edge is no longer held',
            self::MachineBumps => 'the head bumps at a place',
        };
    }

    /** The layer in which it is most often seen. */
    public function layer(): Layer
    {
        return match ($this) {
            self::TopPleat,
            self::EdgeFullness,
            self::BubbleAhead,
            self::Drift,
            self::Skew,
            self::FootCatch,
            self::LooseTail
                => Layer::Top,
            self::BattingSlides, self::BattingLumps => Layer::Batting,
            default => Layer::Backing,
        };
    }

    /** Where one looks to see it. */
    public function look(): Look
    {
        return match ($this) {
            self::RollRidge, self::MachineBumps => Look::Roll,
            self::ScallopedSide, self::SnapBack, self::EdgeFullness, self::FootCatch => Look::Sides,
            self::Skew, self::Drift, self::LooseTail => Look::Edge,
            self::BackingPucker, self::TopPleat, self::BubbleAhead, self::PoorStitches => Look::Stitching,
            self::CurlToBack, self::CurlToFront, self::RipplesOffFrame => Look::Off,
            default => Look::Well,
        };
    }
}
