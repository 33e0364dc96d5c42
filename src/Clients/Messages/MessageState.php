<?php

declare(strict_types=1);

namespace App\Clients\Messages;

/** What has become of a message to a client. */
enum MessageState: string
{
    case UnderWay = 'under-way';
    case Sent = 'sent';
    case Outbox = 'outbox';
    case Failed = 'failed';
    case CameBack = 'came-back';

    public function words(): string
    {
        return match ($this) {
            self::UnderWay => 'under way',
            self::Sent => 'sent',
            self::Outbox => 'waits in the outbox',
            self::Failed => 'could not be sent',
            self::CameBack => 'came back',
        };
    }

    public function isTrouble(): bool
    {
        return self::Failed === $this || self::CameBack === $this;
    }
}
