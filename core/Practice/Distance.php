<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worded;

/** A distance at the frame or at the table that a studio may set otherwise; everyday figures of the trade. */
enum Distance: string implements Worded
{
    case LeadHold = 'lead-hold';
    case ShortOfBar = 'short-of-bar';
    case HangingEnd = 'hanging-end';
    case Flap = 'flap';
    case LargeBacking = 'large-backing';
    case BattingBelowHold = 'batting-below-hold';
    case BattingClearance = 'batting-clearance';
    case OffcutKept = 'offcut-kept';
    case ReferenceStep = 'reference-step';
    case BastingInset = 'basting-inset';
    case BastingSpacing = 'basting-spacing';
    case Snip = 'snip';
    case SideStart = 'side-start';
    case SideClampGap = 'side-clamp-gap';
    case OnePull = 'one-pull';
    case LoadAside = 'load-aside';
    case StripStep = 'strip-step';
    case TableTrim = 'table-trim';
    case PinLength = 'pin-length';
    case PinHand = 'pin-hand';
    case PinWide = 'pin-wide';
    case PinPull = 'pin-pull';
    case PinInset = 'pin-inset';
    case DowelGap = 'dowel-gap';
    case ClipBeyond = 'clip-beyond';
    case HandWide = 'hand-wide';
    case FingerWide = 'finger-wide';
    case TickApart = 'tick-apart';
    case FootLift = 'foot-lift';
    case BindingStrip = 'binding-strip';
    case SleeveStrip = 'sleeve-strip';

    public function usual(): Length
    {
        return Length::inches(
            match ($this) {
                self::LeadHold => 1,
                self::ShortOfBar => 2,
                self::HangingEnd => 12,
                self::Flap => 6,
                self::LargeBacking => 90,
                self::BattingBelowHold => 0.5,
                self::BattingClearance => 1,
                self::OffcutKept => 12,
                self::ReferenceStep => 0.5,
                self::BastingInset => 0.125,
                self::BastingSpacing => 4,
                self::Snip => 5,
                self::SideStart => 0.25,
                self::SideClampGap => 5,
                self::OnePull => 4,
                self::LoadAside => 12,
                self::StripStep => 0.25,
                self::TableTrim => 0.25,
                self::PinLength => 1.75,
                self::PinHand => 4,
                self::PinWide => 6,
                self::PinPull => 3,
                self::PinInset => 0.25,
                self::DowelGap => 0.5,
                self::ClipBeyond => 8,
                self::HandWide => 4,
                self::FingerWide => 0.75,
                self::TickApart => 5,
                self::FootLift => 0.25,
                self::BindingStrip => 2.25,
                self::SleeveStrip => 8.5,
            },
        );
    }

    public function words(): string
    {
        return match ($this) {
            self::LeadHold => 'Lead hold in front of the leveller bar',
            self::ShortOfBar => 'An end kept short of its bar while the other is attached',
            self::HangingEnd => 'An end that hangs while it is attached',
            self::Flap => 'Leader beside the cloth that is pinned back',
            self::LargeBacking => 'A backing counts as large from',
            self::BattingBelowHold => 'Batting kept below the lead hold',
            self::BattingClearance => 'Batting narrower than the backing by',
            self::OffcutKept => 'An offcut of batting is kept from',
            self::ReferenceStep => 'The top lies below the reference line by',
            self::BastingInset => 'Basting lies inside the edge by',
            self::BastingSpacing => 'Lines of basting over the whole lie apart',
            self::Snip => 'Basting that will be pulled is snipped every',
            self::SideStart => 'A side is begun off the bar by',
            self::SideClampGap => 'Widest gap between two side clamps',
            self::OnePull => 'Dips to the edge that hold it lie nearer than',
            self::LoadAside => 'A quilt is hung aside of the centre by',
            self::StripStep => 'Strips are cut up to a full',
            self::TableTrim => 'A side that runs out by more is trimmed',
            self::PinLength => 'A pin is long',
            self::PinHand => 'Pins a hand apart',
            self::PinWide => 'Pins far apart',
            self::PinPull => 'Closer on the pull: the end attached second',
            self::PinInset => 'Outermost pins inside the ends',
            self::DowelGap => 'Dowel clamps at most apart',
            self::ClipBeyond => 'Clips beyond the cloth, both sides together',
            self::HandWide => 'A hand is wide',
            self::FingerWide => 'A finger is wide',
            self::TickApart => 'Ticks of a leader lie apart',
            self::FootLift => 'The foot clears, raised',
            self::BindingStrip => 'A strip of binding is cut wide',
            self::SleeveStrip => 'A sleeve to hang a quilt by is cut deep',
        };
    }

    /** Why it is so much; a clause without its full stop. */
    public function reason(): string
    {
        return match ($this) {
            self::LeadHold => 'as near as the foot clears; every standoff counts from there',
            self::ShortOfBar => 'it can still be drawn square by hand',
            self::HangingEnd => 'enough to lift it to the leader without strain',
            self::Flap => 'a wider flap folds in under the cloth when it comes round',
            self::LargeBacking => 'its own weight pulls it crooked: it is wound once more',
            self::BattingBelowHold => 'the hold stays visible while the layers are laid',
            self::BattingClearance => 'loose batting at the side is drawn into the carriage',
            self::OffcutKept => 'narrower ones are seldom wanted again',
            self::ReferenceStep => 'the line can be pulled without lifting the edge',
            self::BastingInset => 'the binding hides it',
            self::BastingSpacing => 'a hand between two lines: no layer shifts',
            self::Snip => 'longer threads lock in the quilting',
            self::SideStart => 'the foot does not press on the bar',
            self::SideClampGap => 'wider, the side hangs in scallops',
            self::OnePull => 'a hand between two: the edge cannot lift',
            self::LoadAside => 'leaders wear evenly',
            self::StripStep => 'a figure that is easily marked',
            self::TableTrim => 'less is drawn straight by hand',
            self::PinLength => 'end to end, the next begins a quarter inch after it',
            self::PinHand => 'what a hand spans is found without a tape',
            self::PinWide => 'fewer pins, where the cloth is firm',
            self::PinPull => 'it takes the pull of every winding',
            self::PinInset => 'nearer, the cloth frays',
            self::DowelGap => 'wider, the edge bows between two',
            self::ClipBeyond => 'they hold the corners, and are lifted off by hand',
            self::HandWide => 'so that 3 hands can be typed as a length',
            self::FingerWide => 'so that 2 fingers can be typed as a length',
            self::TickApart => 'as they are sewn, and so that 6 ticks can be typed as a length',
            self::FootLift => 'what stands higher is gone round',
            self::BindingStrip => 'folded double it covers both sides of the edge',
            self::SleeveStrip => 'folded and hemmed it takes a rail of about 3 in round',
        };
    }

    /** Shorter it would make no sense. */
    public function least(): Length
    {
        return Length::inches(
            match ($this) {
                self::BastingSpacing,
                self::Snip,
                self::OnePull,
                self::PinLength,
                self::PinHand,
                self::PinWide,
                self::PinPull
                    => 0.5,
                self::SideClampGap, self::HandWide, self::TickApart, self::BindingStrip, self::SleeveStrip => 1,
                self::FingerWide => 0.25,
                self::StripStep => 0.0625,
                self::LargeBacking => 12,
                default => 0,
            },
        );
    }

    /** Where in the work it is met. */
    public function group(): string
    {
        return match ($this) {
            self::LeadHold,
            self::ShortOfBar,
            self::HangingEnd,
            self::Flap,
            self::LargeBacking,
            self::StripStep,
            self::TableTrim
                => 'Backing',
            self::BattingBelowHold,
            self::BattingClearance,
            self::OffcutKept,
            self::ReferenceStep,
            self::BastingInset,
            self::BastingSpacing,
            self::Snip,
            self::SideStart
                => 'Batting and top',
            self::SideClampGap, self::OnePull, self::FootLift => 'At every pass',
            self::LoadAside => 'Leaders',
            self::PinLength,
            self::PinHand,
            self::PinWide,
            self::PinPull,
            self::PinInset,
            self::DowelGap,
            self::ClipBeyond
                => 'Pins and clamps',
            self::HandWide, self::FingerWide, self::TickApart => 'Measured by hand',
            self::BindingStrip, self::SleeveStrip => 'After trimming',
        };
    }

    /** @return list<self> those that depend on the body that does the work, so that a person may differ from the studio */
    public static function ofTheBody(): array
    {
        return [self::ShortOfBar, self::HangingEnd, self::HandWide, self::FingerWide, self::TickApart];
    }

    /** @return list<self> those that depend on a frame and its machine, so that a frame may differ from the studio */
    public static function ofTheFrame(): array
    {
        return [self::LeadHold, self::SideStart, self::SideClampGap, self::FootLift];
    }

    /**
     * @return array<string, list<self>> by the group
     */
    public static function grouped(): array
    {
        $grouped = [];
        foreach (self::cases() as $distance) {
            $grouped[$distance->group()][] = $distance;
        }

        return $grouped;
    }
}
