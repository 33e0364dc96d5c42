<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Worded;

/** What holds the cloth to a leader or pole; the value is the word of the documents. */
enum HoldingSystem: string implements Worded
{
    case Pins = 'pins';
    case Zip = 'zip';
    case ChannelClips = 'channel-clips';
    case DowelClamps = 'dowel-clamps';
    case Magnets = 'magnets';
    case HookAndLoop = 'hook-and-loop';
    case SpringClamps = 'spring-clamps';

    public function words(): string
    {
        return match ($this) {
            self::Pins => 'pins',
            self::Zip => 'zips',
            self::ChannelClips => 'channel clips',
            self::DowelClamps => 'dowel clamps',
            self::Magnets => 'magnets',
            self::HookAndLoop => 'hook and loop',
            self::SpringClamps => 'spring clamps',
        };
    }

    /** Whether its pieces differ in length; the others are only counted. */
    public function comesInLengths(): bool
    {
        return match ($this) {
            self::Zip, self::ChannelClips, self::DowelClamps, self::HookAndLoop => true,
            self::Pins, self::Magnets, self::SpringClamps => false,
        };
    }

    /** So many pieces of it: "1 zip", "4 channel clips". */
    public function counted(int $count): string
    {
        $words = self::HookAndLoop === $this ? 'strips of hook and loop' : $this->words();

        return 1 === $count ? '1 ' . preg_replace('/s( |$)/', '$1', $words, 1) : "$count $words";
    }

    /**
     * Whether how close its pieces stand is a matter of the pin schools; the other systems have spacings of their own.
     */
    public function hasPinSchool(): bool
    {
        return match ($this) {
            self::Pins => true,
            self::Zip,
            self::ChannelClips,
            self::DowelClamps,
            self::Magnets,
            self::HookAndLoop,
            self::SpringClamps
                => false,
        };
    }
}
