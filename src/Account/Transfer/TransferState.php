<?php

declare(strict_types=1);

namespace App\Account\Transfer;

/** How far a studio is on its way. */
enum TransferState: string
{
    case Waiting = 'waiting';
    case UnderWay = 'under-way';
    case Done = 'done';
    case Failed = 'failed';

    public function isOver(): bool
    {
        return self::Done === $this || self::Failed === $this;
    }
}
