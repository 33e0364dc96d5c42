<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\ORM\UnitOfWork;

/** What is about to be written: added, changed or taken away. */
final readonly class Written
{
    /** @return list<object> */
    public static function by(UnitOfWork $work): array
    {
        return [
            ...$work->getScheduledEntityInsertions(),
            ...$work->getScheduledEntityUpdates(),
            ...$work->getScheduledEntityDeletions(),
        ];
    }
}
