<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Where winding stops so that the second end can be attached. */
enum EndStop: string implements School
{
    case Reach = 'reach';
    case ShortOfBar = 'short-of-bar';
    case Well = 'well';

    public function words(): string
    {
        return match ($this) {
            self::Reach => 'where it hangs within comfortable reach',
            self::ShortOfBar => 'just short of the bar',
            self::Well => 'as soon as it drops off the bar',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Reach => 'the hands work where they rest',
            self::ShortOfBar => 'the end still lies on the bar, and does not swing',
            self::Well => 'it hangs free, and shows at once whether it is straight',
        };
    }
}
