<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What has to be done beside the loads. */
enum ChoreKind: string
{
    case AskClient = 'ask-client';
    case AtTheTable = 'at-the-table';
    case Buy = 'buy';
    case BuyThread = 'buy-thread';
    case Unpack = 'unpack';
    case PinZips = 'pin-zips';
    case CheckLeader = 'check-leader';
    case Needle = 'needle';
    case Service = 'service';
    case Load = 'load';
    case GoOn = 'go-on';
}
