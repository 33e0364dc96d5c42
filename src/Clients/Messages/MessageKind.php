<?php

declare(strict_types=1);

namespace App\Clients\Messages;

/** The usual events that a client is told of, each with sentences that are filled and then edited. */
enum MessageKind: string
{
    case Bring = 'bring';
    case Short = 'short';
    case Unpack = 'unpack';
    case Borders = 'borders';
    case Loaded = 'loaded';
    case Done = 'done';
    case Free = 'free';

    public function words(): string
    {
        return match ($this) {
            self::Bring => 'What to bring',
            self::Short => 'The backing is short',
            self::Unpack => 'Unpack the batting',
            self::Borders => 'The borders are full',
            self::Loaded => 'It is on the frame',
            self::Done => 'It is done',
            self::Free => 'Something else',
        };
    }
}
