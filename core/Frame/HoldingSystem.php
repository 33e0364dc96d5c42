<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

/** What holds the cloth to a leader or pole; the value is the word of the documents. */
enum HoldingSystem: string
{
    case Pins = 'pins';
    case Zip = 'zip';
    case ChannelClips = 'channel-clips';
    case DowelClamps = 'dowel-clamps';
    case Magnets = 'magnets';
    case HookAndLoop = 'hook-and-loop';
    case SpringClamps = 'spring-clamps';
}
