<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How often the whole backing is wound onto the take-up and back before it is looked at. */
enum ToAndFro: string implements School
{
    case Never = 'never';
    case IfLooser = 'if-looser';
    case Twice = 'twice';
    case ThreeTimes = 'three-times';

    public function words(): string
    {
        return match ($this) {
            self::Never => 'never',
            self::IfLooser => 'when a side is looser',
            self::Twice => 'always twice',
            self::ThreeTimes => 'always three times',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Never => 'a backing that was squared and centred lies as it was attached',
            self::IfLooser => 'only what is uneven has to be shared out',
            self::Twice => 'what was attached unevenly shares itself out',
            self::ThreeTimes => 'a large or stretchy cloth needs one turn more to find its place',
        };
    }
}
